import { type PieceSummary } from '@/core/stashSearch/pieceSummary'
import { drawnAs } from '@/ui/cloth/drawnAs'

/** How a piece looks and falls on a figure, as said or as its name suggests. */
export function draftOnFigure({ weave, look, offer }: Pick<PieceSummary, 'weave' | 'look' | 'offer'>) {
  return {
    tile: drawnAs(weave, look),
    body: offer.body?.value ?? ('moderate' as const),
    sheer: offer.opacity !== undefined && offer.opacity.value !== 'opaque',
  }
}
