/** Direction of a grain line once its piece is turned over, or not: degrees anticlockwise from x. */
export function grainAs(warpDeg: number, isMirrored: boolean): number {
  return isMirrored ? 180 - warpDeg : warpDeg
}
