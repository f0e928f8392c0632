import { fibreListWords } from '@/core/identify/words'
import { formatOwned, formatWeightRounded, formatWidth, type UnitSystem } from '@/core/units/format'
import { materialById } from '@/core/materials/materials'
import { wordFor, type Vocabulary } from '@/core/vocabulary/words'
import { THING_WORDS } from '@/core/vocabulary/stash'
import { type PieceSummary } from '@/core/stashSearch/pieceSummary'
import { drawnAs } from '@/ui/cloth/drawnAs'
import { type Fold } from './Shelf'

/** Is it known what this piece is made of, by test or by a label that nothing speaks against? */
export function isKnown({ fibres, knowing }: Pick<PieceSummary, 'fibres' | 'knowing'>): boolean {
  return fibres.length > 0 || knowing === 'likely'
}

/** What it is made of, in a few words, and how that is known. */
export function fibreWords(
  { knowing, fibres, offer }: Pick<PieceSummary, 'knowing' | 'fibres' | 'offer'>,
  words: Vocabulary,
): string {
  // What it is called says what it is: nobody burns leather.
  if (fibres.length === 0 && offer.material) return wordFor(materialById(offer.material).name, words)
  const named = fibreListWords(fibres, words)
  switch (knowing) {
    case 'contradicted':
      return 'label is wrong'
    case 'unsettled':
      return 'not known'
    case 'untested':
      return 'untested'
    case 'tested':
      return named
    case 'likely':
      return `probably ${named}`
    case 'supported':
      return `${named}, tested`
    case 'label':
      return `${named}, from the label`
  }
}

export function weightWords({ gsm }: Pick<PieceSummary, 'gsm'>, units: UnitSystem): string {
  return gsm ? formatWeightRounded(gsm, units) : 'weight not known'
}

/** How much there is of it; nothing where it was not measured. */
export function sizeWords(
  { widthMm, lengthMm }: Pick<PieceSummary, 'widthMm' | 'lengthMm'>,
  units: UnitSystem,
): string {
  if (widthMm === null || lengthMm === null) return ''
  return `${formatOwned(lengthMm, units)} of ${formatWidth(widthMm, units)} width`
}

/** What it is, where it is no cloth by the length. */
export function thingWords({ thing }: Pick<PieceSummary, 'thing'>, words: Vocabulary): string {
  return thing === 'cloth' ? '' : wordFor(THING_WORDS[thing], words)
}

/** Everything in one line: fibre, weight, size. */
export function pieceWords(gist: PieceSummary, units: UnitSystem, words: Vocabulary): string {
  return [thingWords(gist, words), fibreWords(gist, words), weightWords(gist, units), sizeWords(gist, units)]
    .filter(Boolean)
    .join('; ')
}

/** A piece for the shelf. */
export function foldOf(gist: PieceSummary, units: UnitSystem, words: Vocabulary): Fold {
  return {
    id: gist.id,
    name: gist.name,
    place: gist.place,
    tile: drawnAs(gist.weave, gist.look),
    picture: gist.picture,
    widthMm: gist.widthMm,
    grams: gist.kg === null ? null : gist.kg * 1000,
    known: isKnown(gist),
    says: [thingWords(gist, words), fibreWords(gist, words), weightWords(gist, units)].filter(Boolean).join('; '),
  }
}
