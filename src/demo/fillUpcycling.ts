import { offerFrom } from '../core/fabric/offer'
import { NotionSchema } from '../core/notebook/kinds/notion'
import { PieceSchema } from '../core/notebook/kinds/piece'
import { YarnSchema } from '../core/notebook/kinds/yarn'
import { type Notebook } from '../server/database'
import { createRecord } from '../server/store/repository'
import { putGarment, takeApart } from '../server/records/takingApart'
import { demoGarments, demoNotions, demoYarns } from './upcycling'

/** Garments, some of them taken apart, and what lies in the notions box. @param at ISO 8601 */
export async function fillUpcycling(db: Notebook, at: string): Promise<void> {
  for (const notion of demoNotions) await createRecord(db, 'notion', NotionSchema.parse(notion), at)
  for (const yarn of demoYarns) await createRecord(db, 'yarn', YarnSchema.parse(yarn), at)
  for (const { piece, garment, kept } of demoGarments) {
    const data = PieceSchema.parse({ ...piece, sizeHow: 'usual', got: at.slice(0, 10) })
    const { id } = await createRecord(db, 'piece', data, at)
    if (garment) await putGarment(db, id, garment, at)
    if (!kept) continue
    const { name, place, thing, called, claim } = data
    const offer = offerFrom({ called, fibres: claim.map(({ fibre }) => fibre) })
    await takeApart(db, { id, name, place, thing, offer }, kept, at)
  }
}
