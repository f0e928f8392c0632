'use server'

import { redirect } from 'next/navigation'
import { PieceSchema } from '@/core/notebook/kinds/piece'
import { notebook } from '@/server/database'
import { createRecord } from '@/server/store/repository'

/** Takes a cloth in the hand: from here on whatever is found out of it is kept together. */
export async function takeInHand(): Promise<void> {
  const at = new Date()
  const when = at.toISOString().slice(0, 16).replace('T', ', ')
  const piece = PieceSchema.parse({ name: `Cloth in hand since ${when}`, inHand: true })
  const { id } = await createRecord(await notebook(), 'piece', piece, at.toISOString())
  redirect(`/find-out?piece=${id}`)
}
