import { type Offer } from '../../core/fabric/types'
import { GarmentSchema, type GarmentRecord } from '../../core/notebook/kinds/garment'
import { NotionSchema } from '../../core/notebook/kinds/notion'
import { boxOf } from '../../core/shapes/polygon'
import { notionOf } from '../../core/upcycle/teardown/keep'
import { tornDown } from '../../core/upcycle/teardown/teardown'
import { type Panel } from '../../core/upcycle/teardown/types'
import { capitalise } from '../../core/units/format'
import { type Thing } from '../../core/vocabulary/stash'
import { speakId } from '../../core/vocabulary/words'
import { cutFrom } from './cutting'
import { type Notebook } from '../store/openNotebook'
import { changeRecord, createRecord, recordsReferring, inTransaction } from '../store/repository'
import { dayOf } from '../../core/units/day'

/** A piece of the stash as it is taken apart. */
export interface ToTakeApart {
  id: string
  name: string
  place: string
  thing: Thing
  offer: Offer
}

/** More panels than this are no garment. */
const MOST_PANELS = 24

/** A garment's record, changed where there is one: a piece has one at most. @param at ISO 8601 */
export async function putGarment(
  db: Notebook,
  pieceId: string,
  change: Partial<GarmentRecord>,
  at: string,
): Promise<void> {
  const [kept] = await recordsReferring(db, 'garment', 'pieceId', pieceId)
  if (kept) await changeRecord(db, 'garment', kept, { ...kept.data, ...change }, at)
  else await createRecord(db, 'garment', GarmentSchema.parse({ ...change, pieceId }), at)
}

/**
 * Takes a garment apart, in one stroke: its panels become pieces of the stash that know what they were cut from, what
 * is kept of it goes into the notions box, and of the garment itself nothing is left.
 * @param keep which of what its block has is kept; @param at ISO 8601
 * @returns ids of the panels
 * @throws GoneError where the piece was taken away
 */
export async function takeApart(
  db: Notebook,
  { id, name, place, thing, offer }: ToTakeApart,
  keep: readonly string[],
  at: string,
): Promise<string[]> {
  return inTransaction(db, async (open) => {
    const [record] = await recordsReferring(open, 'garment', 'pieceId', id)
    const answer = tornDown({ garment: thing, offer, ...(record?.data ?? GarmentSchema.parse({ pieceId: id })) })
    const offcuts = answer.panels.flatMap((panel) => copiesOf(panel, name)).slice(0, MOST_PANELS)
    const cut = { pieceId: id, lengthMm: null, all: true, what: 'its panels', offcuts }
    const panels = await cutFrom(open, cut, at)
    await putGarment(open, id, { apart: dayOf(at) }, at)
    for (const one of answer.keep) {
      const kind = notionOf(one.id)
      if (!kind || !keep.includes(one.id)) continue
      const title = capitalise(`${speakId(one.id)} from ${name}`.slice(0, 80))
      await createRecord(open, 'notion', NotionSchema.parse({ kind, name: title, place, fromPieceId: id }), at)
    }
    return panels
  })
}

/** Each copy of a panel as an offcut. */
function copiesOf({ id, outline, holes, count }: Panel, garment: string) {
  const { maxX, maxY } = boxOf(outline)
  const pairs = (points: Panel['outline']) => points.map(([x, y]): [number, number] => [x, y])
  return Array.from({ length: count }, (_, i) => ({
    name: `${garment.slice(0, 50)}, ${speakId(id)}${count > 1 ? ` ${i + 1}` : ''}`,
    widthMm: Math.round(maxX),
    lengthMm: Math.round(maxY),
    outline: { points: pairs(outline), holes: holes.map(pairs) },
  }))
}
