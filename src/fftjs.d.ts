declare module 'fft.js' {
  /** Complex transforms of one size, a power of two; real and imaginary parts alternate. */
  export default class FFT {
    constructor(size: number)
    createComplexArray(): number[]
    transform(output: ArrayLike<number>, input: ArrayLike<number>): void
  }
}
