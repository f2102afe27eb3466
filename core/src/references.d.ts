declare module 'fft.js' {
  /** A fast Fourier transform of real data; complex numbers lie as re, im, re, im… */
  export default class FFT {
    constructor(size: number);
    createComplexArray(): number[];
    realTransform(out: number[], data: readonly number[]): void;
  }
}
declare module 'jstat' {
  export const jStat: {
    studentt: { inv(p: number, degreesOfFreedom: number): number };
    normal: { inv(p: number, mean: number, sd: number): number };
  };
}
