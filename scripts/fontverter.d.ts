declare module 'fontverter' {
  export function convert(font: Buffer, to: 'woff2'): Promise<Buffer>;
}
