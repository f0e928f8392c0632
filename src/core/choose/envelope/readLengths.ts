import { type LengthAsked } from '../../notebook/schemas/making'
import { viewsOf } from './captions'
import { envelopeColumnsOf } from './columns'
import { lengthsIn, NO_CONTEXT, type TableContext } from './table'
import { itemAt } from '../../lists/items'

/** A table of lengths as text, read. */
export interface LengthsRead {
  lengths: LengthAsked[]
  /** Lines that are no rows of a table. */
  notRead: string[]
}

const VIEW = /^\s*views?\s+([a-z0-9]{1,8}(?:\s*(?:,|&|and)\s*[a-z0-9])*)\s*[:,]?\s*$/i

/** Lengths as somebody types or pastes them: “Sizes 8 10 12”, then “115 cm 2.4 2.5 2.6 m” for each width. */
export function readLengths(text: string): LengthsRead {
  const read: LengthsRead = { lengths: [], notRead: [] }
  let context: TableContext = NO_CONTEXT
  for (const written of text.split(/\r?\n/).filter((line) => line.trim() !== '')) {
    const view = VIEW.exec(written)
    const columns = envelopeColumnsOf(written)
    if (/^\s*views?\s*$/i.test(written)) context = { ...context, views: [] }
    else if (view)
      context = {
        ...context,
        views:
          itemAt(view, 1).length > 1 && !/\W/.test(itemAt(view, 1))
            ? [itemAt(view, 1).toUpperCase()]
            : viewsOf(itemAt(view, 1)),
      }
    else if (columns) context = { ...context, columns }
    else {
      const rows = lengthsIn(written, context)
      if (rows.length === 0) read.notRead.push(written.trim())
      for (const { size, view: of, widthMm, lengthMm, nap } of rows)
        read.lengths.push({ size, view: of, widthMm, lengthMm, nap })
    }
  }
  return read
}
