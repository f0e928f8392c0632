'use server'

import { redirect } from 'next/navigation'
import { PieceSchema } from '@/core/notebook/kinds/piece'
import { notebook } from '@/server/database'
import { createRecord } from '@/server/store/repository'
import { localDay } from '../../shared/now'
import { outcomeOf, type Refusal } from '../../shared/outcome'

/** Takes a cloth in the hand: from here on whatever is found out of it is kept together. */
export async function takeInHand(): Promise<Refusal> {
  const at = new Date()
  const time = at.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
  const when = `${localDay(at)}, ${time}`
  const piece = PieceSchema.parse({ name: `Unnamed fabric, ${when}`, inHand: true })
  const outcome = await outcomeOf(async () => createRecord(await notebook(), 'piece', piece, at.toISOString()))
  if (!outcome.ok) return outcome
  redirect(`/find-out?piece=${outcome.id}`)
}
