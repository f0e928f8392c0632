import { inflatePolygon, subtractPolygons } from './clip'
import { areaOf, anticlockwise, isWithin, signedArea, type Outline, type Point } from '../shapes/polygon'
import { largestRectangle } from './rectangle'
import { usableBins, type Bin } from './search/bins'
import { type LeftOver, type Layers, type Placement } from './types'
import { itemAt } from '../lists/items'

/** What is smaller than this is swept up: the side of a square, mm. */
const SWEPT = 50
/** Narrower than this is no cloth, mm. */
const SLIVER = 1

/**
 * What is left of the cloth: the parts between and behind the pieces, the largest first.
 * @param upTo how far along the cloth is counted, mm as it is folded
 */
export function leftOver(
  bins: readonly Bin[],
  placements: readonly Placement[],
  { layers, upTo }: { layers: Layers; upTo: number },
): LeftOver[] {
  const left = bins.flatMap((bin) => {
    const taken = placements
      .filter(({ panel, panelCopy }) => panel === bin.panel && panelCopy === bin.panelCopy)
      .map(({ polygon }) => anticlockwise(polygon))
    return partsOf(withoutSlivers(subtractPolygons(usableBins(bin, upTo), taken))).map((region): LeftOver => {
      const { widthMm, lengthMm } = largestRectangle(region)
      return {
        panel: bin.panel,
        panelCopy: bin.panelCopy,
        outline: itemAt(region, 0),
        areaMm2: region.reduce((sum, outline) => sum + signedArea(outline), 0),
        largestRectangle: { widthMm, lengthMm },
        layers: layers === 'single' ? 1 : 2,
      }
    })
  })
  const worthKeeping = left.filter(
    ({ largestRectangle: { widthMm, lengthMm } }) =>
      Math.min(widthMm, lengthMm) >= SWEPT / 2 && widthMm * lengthMm >= SWEPT ** 2,
  )
  return worthKeeping.sort((a, b) => b.areaMm2 - a.areaMm2)
}

/** A region without what is too narrow to cut anything from, which would hang its parts together. */
function withoutSlivers(region: readonly Outline[]): Point[][] {
  return inflatePolygon(inflatePolygon(region, -SLIVER / 2, true), SLIVER / 2, true)
}

/** A region in its separate parts, each an outer line with the holes that lie in it. */
function partsOf(region: readonly Outline[]): Point[][][] {
  const holes = region.filter((outline) => signedArea(outline) < 0)
  return region
    .filter((outline) => signedArea(outline) > 0 && areaOf(outline) > 1)
    .map((outer) =>
      [outer, ...holes.filter((hole) => isWithin(itemAt(hole, 0), outer))].map((outline) => [...outline]),
    )
}
