/** A picture as a canvas holds it: red, green, blue and opacity of each pixel, 0 … 255, row after row. */
export interface Pixels {
  width: number
  height: number
  data: ArrayLike<number>
}

/** Nothing that could be cut out was found; the message says what to do, for the person. */
export class NoCutOut extends Error {}
