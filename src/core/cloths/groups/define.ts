import { type FibreId } from '../../fibres/types'
import { type Interlacing } from '../../weave/drafts'
import { marksFrom } from '../marks'
import { type Body, type Construction, type NamedCloth, type Opacity } from '../types'

/**
 * One row of a table of named cloths. A name with a bar carries UK and US words: `calico|muslin`. `marks` are the
 * answers of an inspection that it is known by, the likeliest first: `surface=smooth; back=same,duller`. `makes` says
 * what makes it that and not its neighbour.
 */
export type ClothRow = readonly [
  id: string,
  name: string,
  also: string,
  interlacing: Interlacing,
  gsmLow: number,
  gsmHigh: number,
  stretchLow: number,
  stretchHigh: number,
  body: Body,
  opacity: Opacity,
  fibres: string,
  marks: string,
  makes: string,
]

/**
 * Records from rows that share a construction. `also` and `fibres` are lists with commas.
 * @throws RangeError where a mark is not in the vocabulary
 */
export function cloths(construction: Construction, rows: readonly ClothRow[]): NamedCloth[] {
  return rows.map(
    ([
      id,
      name,
      also,
      interlacing,
      gsmLow,
      gsmHigh,
      stretchLow,
      stretchHigh,
      body,
      opacity,
      fibres,
      marks,
      makes,
    ]) => {
      const [uk, us] = name.split('|')
      return {
        id,
        construction,
        interlacing,
        body,
        opacity,
        makes,
        name: { uk: uk!, us: us ?? uk! },
        also: list(also),
        gsm: [gsmLow, gsmHigh],
        stretchWidth: [stretchLow, stretchHigh],
        fibres: list(fibres) as FibreId[],
        marks: marksFrom(id, marks),
      }
    },
  )
}

function list(text: string): string[] {
  return text === '' ? [] : text.split(',').map((word) => word.trim())
}
