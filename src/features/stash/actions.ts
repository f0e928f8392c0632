'use server'

import { revalidatePath } from 'next/cache'
import { redirect } from 'next/navigation'
import { z } from 'zod'
import { PieceSchema, ReadingSchema } from '@/core/notebook/records'
import { WASH_STATES } from '@/core/vocabulary/cloth'
import { keepTestWithPiece } from '@/server/burnTests'
import { notebook } from '@/server/database'
import { addPiece, changePiece, removePiece } from '@/server/pieces'
import { addReading, removeReading } from '@/server/readings'
import { refused, type Outcome } from '../outcome'

const id = z.number().int().positive()
const now = () => new Date().toISOString()

const NewPiece = z.strictObject({ piece: PieceSchema, reading: ReadingSchema.nullable(), testId: id.nullable() })

/** Keeps a new piece with its first weighing and its burn test, all or nothing. */
export async function keepPiece(input: unknown): Promise<Outcome> {
  const parsed = NewPiece.safeParse(input)
  if (!parsed.success) return refused(parsed.error)
  const { piece, reading, testId } = parsed.data
  const kept = await (await notebook()).transaction().execute(async (db) => {
    const pieceId = await addPiece(db, piece, now())
    if (reading) await addReading(db, pieceId, reading, piece.washed, now())
    if (testId) await keepTestWithPiece(db, testId, pieceId)
    return pieceId
  })
  revalidatePath('/', 'layout')
  return { ok: true, id: kept }
}

export async function updatePiece(pieceId: number, input: unknown): Promise<Outcome> {
  const parsed = z.strictObject({ piece: PieceSchema }).safeParse(input)
  if (!parsed.success) return refused(parsed.error)
  await changePiece(await notebook(), id.parse(pieceId), parsed.data.piece)
  revalidatePath('/', 'layout')
  return { ok: true, id: pieceId }
}

export async function weighPiece(pieceId: number, input: unknown): Promise<Outcome> {
  const parsed = z.strictObject({ reading: ReadingSchema, state: z.enum(WASH_STATES) }).safeParse(input)
  if (!parsed.success) return refused(parsed.error)
  await addReading(await notebook(), id.parse(pieceId), parsed.data.reading, parsed.data.state, now())
  revalidatePath('/', 'layout')
  return { ok: true, id: pieceId }
}

export async function dropReading(pieceId: number, readingId: number): Promise<void> {
  await removeReading(await notebook(), id.parse(pieceId), id.parse(readingId))
  revalidatePath('/', 'layout')
}

export async function dropPiece(pieceId: number): Promise<void> {
  await removePiece(await notebook(), id.parse(pieceId))
  revalidatePath('/', 'layout')
  redirect('/stash')
}
