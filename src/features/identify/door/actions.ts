'use server'

import { PieceSchema } from '@/core/notebook/kinds/piece'
import { notebook } from '@/server/database'
import { createRecord } from '@/server/store/repository'
import { action } from '../../shared/action'
import { clockText } from '../../shared/dates'
import { localDay } from '../../shared/now'

/** Takes a fabric in the hand: from here on whatever is found out of it is kept together. */
export const takeInHand = action([], async () => {
  const at = new Date()
  const when = `${localDay(at)}, ${clockText(at.toISOString())}`
  const piece = PieceSchema.parse({ name: `Unnamed fabric, ${when}`, inHand: true })
  const { id } = await createRecord(await notebook(), 'piece', piece, at.toISOString())
  return { goTo: `/find-out?piece=${id}` }
})
