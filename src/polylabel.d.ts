declare module 'polylabel' {
  /** The point of a polygon that lies furthest from its edges, and how far. */
  export default function polylabel(
    polygon: readonly (readonly (readonly number[])[])[],
    precision?: number,
  ): [number, number] & { distance: number }
}
