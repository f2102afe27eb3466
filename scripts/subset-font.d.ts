declare module 'subset-font' {
  interface Options {
    targetFormat: 'woff2';
    /** Leaves out the shapes that only a feature of the font stands for, such as fractions. */
    noLayoutClosure: boolean;
    noHinting: boolean;
    /** The features that stay, by their OpenType tags. */
    keepFeatures: readonly string[];
    /** Tables that are left out, by their tags. */
    dropTables: readonly string[];
  }
  /** The font with what `letters` are drawn with, and nothing besides. */
  export default function subset(font: Buffer, letters: string, options: Options): Promise<Buffer>;
}
