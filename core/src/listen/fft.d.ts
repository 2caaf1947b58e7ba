declare module 'fft.js' {
  /** Radix-4 FFT of a power-of-two size; complex arrays interleave real and imaginary parts. */
  export default class FFT {
    constructor(size: number)
    transform(output: Float64Array, input: ArrayLike<number>): void
    /** Of real samples: fills the first half of `output`, up to and with the middle bin. */
    realTransform(output: Float64Array, input: ArrayLike<number>): void
  }
}
