/** What is used of fft.js, which brings no types. */
declare module 'fft.js' {
  // eslint-disable-next-line import/no-default-export -- as the package has it
  export default class FFT {
    constructor(size: number);
    createComplexArray(): number[];
    realTransform(out: number[], data: number[]): void;
  }
}
