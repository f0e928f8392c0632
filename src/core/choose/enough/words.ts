import { inCm, inMetres } from '../../text/amounts'
import { joinTexts, phrase, type Phrase } from '../../text/text'
import { countNoun } from '../../units/format'
import { type Offer } from '../../fabric/types'
import { type Converted, type LengthAtWidth } from './widths'

const cm = (mm: number) => inCm(Math.round(mm / 10))
const metres = (mm: number) => inMetres(Math.round(mm / 10) / 100)

/** What each part of a length is for, as it is said. */
export const partWords = {
  envelope: ({ lengthMm, widthMm, nap }: LengthAtWidth) =>
    phrase`${metres(lengthMm)} at ${cm(widthMm)}${nap ? ', laid one way (with nap)' : ''}, from the envelope.`,
  width: ({ by, from }: Converted, widthMm: number | undefined): Phrase => {
    if (widthMm === undefined)
      return 'Its width is not known, so we use the narrowest on the envelope. Measure it for a better figure.'
    const rows = joinTexts(
      from.map((row) => phrase`${cm(row.widthMm)}`),
      ' and ',
    )
    switch (by) {
      case 'between':
        return phrase`The envelope does not list ${cm(widthMm)}: we read between ${rows}.`
      case 'wider':
        return phrase`${cm(widthMm)} is wider than the ${rows} on the envelope: we use the same area, with some doubt.`
      case 'narrower':
        return phrase`${cm(widthMm)} is narrower than the ${rows} on the envelope: we use the same area, if the
          widest piece fits across.`
      case 'row':
        return ''
    }
  },
  nap: (byNature: boolean) =>
    `All pieces one way up${byNature ? ', for its pile or nap' : ''}: about an eighth more, since ` +
    'the envelope gives no length with nap.',
  repeat: (mm: number, rows: number) =>
    phrase`A pattern that repeats every ${cm(mm)}, to be matched over about ${countNoun(rows, 'row')} of pieces.`,
  repeatAcross: (mm: number) => phrase`Its repeat of ${cm(mm)} across moves pieces apart.`,
  copies: (copies: number) => `${copies} of them.`,
  shrinkage: (percent: number, { shrink, washed }: Offer): string => {
    const how = shrink
      ? ''
      : washed === undefined
        ? ', as is usual for its fibre before washing'
        : ', as is usual for its fibre'
    return (
      `It will still shrink by about ${Number(percent.toFixed(1))} % of its length when washed or ` + `steamed${how}.`
    )
  },
  margin: (mm: number) => phrase`${cm(mm)} extra, for crooked ends and mistakes.`,
}
