import { wordFor, type Vocabulary } from '../vocabulary/words'
import { leatherOunces } from './leatherWeight'
import { inMm } from '../text/amounts'
import { phrase, type Phrase } from '../text/text'
import { materialById, type MaterialId } from './materials'

/** A material put into words for a person. */
export interface MaterialTold {
  name: string
  rows: { title: string; text: Phrase }[]
  mayBurn: boolean
  /** “About 1.2 mm thick (3 oz)”; null where its weight is not known, or it is no skin. */
  thickness: Phrase | null
}

/**
 * How a material is told from others and handled.
 * @param mm its thickness, where it is known
 */
export function materialTold(id: MaterialId, vocabulary: Vocabulary, mm?: number): MaterialTold {
  const { name, recognise, burn, measure, store, clean, cut, mark, hold, seam, press, layout, again, comesAs } =
    materialById(id)
  const rows = [
    ['How to tell', recognise.join(' ')],
    ['Burn test', burn.text],
    ['Measure', measure],
    ['Store', store],
    ['Clean', clean],
    ['Lay out', layout.text],
    ['Cut and mark', `${cut} ${mark}`],
    ['Hold and sew', phrase`${hold} ${seam}`],
    ['Press', press],
    ['Use again', again],
  ] as const
  const isSkin = comesAs === 'skin' && mm !== undefined
  return {
    name: wordFor(name, vocabulary),
    rows: rows.map(([title, text]) => ({ title, text })),
    mayBurn: burn.allowed,
    thickness: isSkin
      ? phrase`About ${inMm(Math.round(mm * 10) / 10)} thick (${halves(leatherOunces(mm))} oz)`
      : null,
  }
}

/** Leather is sold in half ounces. */
const halves = (ounces: number) =>
  String(Math.round(ounces * 2) / 2)
    .replace('.5', '½')
    .replace(/^0½/, '½')
