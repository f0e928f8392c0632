import { fibreListWords } from '@/core/identify/words'
import { type Vocabulary } from '@/core/vocabulary/words'
import { formatLength, formatWeight, formatWidth, type UnitSystem } from '@/core/units/format'
import { tileOf } from '@/ui/cloth/spec'
import { type StashEntry } from '@/server/stash'
import { type Fold } from './Shelf'

/** Is it known what this piece is made of, by test or by a label that nothing speaks against? */
export function isKnown({ sheet }: Pick<StashEntry, 'sheet'>): boolean {
  return sheet.fibres !== null
}

/** What it is made of, in a few words, and how that is known. */
export function fibreWords({ sheet, piece }: Pick<StashEntry, 'sheet' | 'piece'>, words: Vocabulary): string {
  const { fibres, belief } = sheet
  if (belief?.claim?.verdict === 'contradicted') return `not what its label says`
  if (fibres === null) return belief ? 'not settled' : 'untested'
  const named = fibreListWords(fibres.ids, words)
  if (fibres.how === 'tested') return belief?.verdict.level === 'fibre' ? named : `likely ${named}`
  return piece.claim.length > 0 && belief?.claim?.verdict === 'supported'
    ? `${named}, tested`
    : `${named}, by its label`
}

/** Mass of what is left of a piece, g; null where a measure is missing. */
export function gramsLeft({ piece, sheet }: Pick<StashEntry, 'sheet' | 'piece'>): number | null {
  if (!sheet.weightNow || piece.widthMm === null || piece.lengthMm === null) return null
  return (sheet.weightNow.gsm.value * piece.widthMm * piece.lengthMm) / 1e6
}

export function weightWords({ sheet }: Pick<StashEntry, 'sheet'>, units: UnitSystem): string {
  return sheet.weightNow ? formatWeight(sheet.weightNow.gsm, units) : 'not weighed'
}

/** How much there is of it; nothing where it was not measured. */
export function sizeWords({ piece }: Pick<StashEntry, 'piece'>, units: UnitSystem): string {
  const { widthMm, lengthMm } = piece
  if (widthMm === null || lengthMm === null) return ''
  return `${formatLength(lengthMm, units)} of ${formatWidth(widthMm, units)} width`
}

/** Everything in one line: fibre, weight, size. */
export function pieceWords(entry: StashEntry, units: UnitSystem, words: Vocabulary): string {
  return [fibreWords(entry, words), weightWords(entry, units), sizeWords(entry, units)].filter(Boolean).join('; ')
}

/** A piece for the shelf. */
export function foldOf(entry: StashEntry, units: UnitSystem, words: Vocabulary): Fold {
  const { piece } = entry
  return {
    id: piece.id,
    name: piece.name,
    place: piece.place,
    tile: tileOf(piece),
    widthMm: piece.widthMm,
    grams: gramsLeft(entry),
    known: isKnown(entry),
    says: `${fibreWords(entry, words)}; ${weightWords(entry, units)}`,
  }
}
