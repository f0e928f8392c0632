/** tex is g per km of yarn. Each function throws RangeError unless its number is more than zero. */

/** tex of an English cotton count: hanks of 840 yd per pound. tex = 590.54 / Ne. */
export function texFromCottonCount(ne: number): number {
  return TEX_PER_COTTON_COUNT / positive(ne, 'texFromCottonCount')
}
/** tex of a denier: g per 9 km. */
export function texFromDenier(denier: number): number {
  return positive(denier, 'texFromDenier') / 9
}
/** tex of a metric count: km per kg. */
export function texFromMetricCount(nm: number): number {
  return 1000 / positive(nm, 'texFromMetricCount')
}
/** English cotton count of a tex. */
export function cottonCountFromTex(tex: number): number {
  return TEX_PER_COTTON_COUNT / positive(tex, 'cottonCountFromTex')
}

/** A pound over 840 yards, in g per km. */
const TEX_PER_COTTON_COUNT = 590.54

function positive(value: number, where: string): number {
  if (!(value > 0)) throw new RangeError(`${where}: needs a number of more than zero`)
  return value
}
