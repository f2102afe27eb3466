declare module 'subset-font' {
  interface Options {
    targetFormat: 'woff2';
    /** Leaves out the shapes that only a feature of the font stands for, such as fractions. */
    noLayoutClosure: boolean;
  }
  /** The font with what `letters` are drawn with, and nothing besides. */
  export default function subset(font: Buffer, letters: string, options: Options): Promise<Buffer>;
}
