import { type Offer } from '../../fabric/types'
import { type Converted, type LengthAtWidth } from './widths'

const cm = (mm: number) => `${Math.round(mm / 10)} cm`
const metres = (mm: number) => `${(mm / 1000).toFixed(2)} m`

/** What each part of a length is for, as it is said. */
export const partWords = {
  envelope: ({ lengthMm, widthMm, nap }: LengthAtWidth) =>
    `${metres(lengthMm)} at ${cm(widthMm)}${nap ? ', laid one way (with nap)' : ''}, from the envelope.`,
  width: ({ by, from }: Converted, widthMm: number | undefined): string => {
    if (widthMm === undefined)
      return 'Its width is not known, so we use the narrowest on the envelope. Measure it for a better figure.'
    const rows = from.map((row) => cm(row.widthMm)).join(' and ')
    switch (by) {
      case 'between':
        return `The envelope does not list ${cm(widthMm)}: we read between ${rows}.`
      case 'wider':
        return `${cm(widthMm)} is wider than the ${rows} on the envelope: we use the same area, with some doubt.`
      case 'narrower':
        return (
          `${cm(widthMm)} is narrower than the ${rows} on the envelope: we use the same area, if the ` +
          'widest piece fits across.'
        )
      case 'row':
        return ''
    }
  },
  nap: (byNature: boolean) =>
    `All pieces one way up${byNature ? ', for its pile or nap' : ''}: about an eighth more, since ` +
    'the envelope gives no length with nap.',
  repeat: (mm: number, rows: number) =>
    `A pattern that repeats every ${cm(mm)}, to be matched over about ${rows} ` +
    `row${rows === 1 ? '' : 's'} of pieces.`,
  repeatAcross: (mm: number) => `Its repeat of ${cm(mm)} across moves pieces apart.`,
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
  margin: (mm: number) => `${cm(mm)} extra, for crooked ends and mistakes.`,
}
