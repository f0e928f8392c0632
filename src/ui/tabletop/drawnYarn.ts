/** What the specimen is made of, for drawing: fill and edge. */
export interface DrawnYarn {
  fill: string
  edge: string
}
