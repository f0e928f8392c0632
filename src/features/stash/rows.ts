import { formatOwned, formatWidth, type UnitSystem } from '@/core/units/format'
import { type Vocabulary } from '@/core/vocabulary/words'
import { type PieceSummary } from '@/core/stashSearch/pieceSummary'
import { fibreWords, foldOf, weightWords } from '../shared/stash/describe'
import { type Fold } from '../shared/stash/Shelf'

/** A piece as a line of the list: a fold, and what a shelf cannot say. */
export interface StashRow extends Fold {
  called: string
  width: string
  length: string
  weight: string
  fibre: string
}

export function stashRow(gist: PieceSummary, units: UnitSystem, words: Vocabulary): StashRow {
  return {
    ...foldOf(gist, units, words),
    called: gist.called,
    fibre: fibreWords(gist, words),
    weight: weightWords(gist, units),
    width: gist.widthMm === null ? '' : formatWidth(gist.widthMm, units),
    length: gist.lengthMm === null ? '' : formatOwned(gist.lengthMm, units),
  }
}
