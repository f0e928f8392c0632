import { type BlindBox } from '../../core/notebook/kinds/blindBox'
import { type Notebook } from '../store/openNotebook'
import { amendRecord } from '../store/amend'
import { GoneError } from '../store/errors'
import { changeRecord, findRecord, recordsReferring, inTransaction } from '../store/repository'
import { mustHave } from '@/core/lists/items'

/** What somebody says of an envelope. */
export type BlindAnswer = NonNullable<BlindBox['entries'][number]['answer']>

/** Whether every envelope is answered, and the key may be shown. */
export function isOpened({ entries }: Pick<BlindBox, 'entries'>): boolean {
  return entries.length > 0 && entries.every(({ answer }) => answer !== null)
}

/**
 * Writes down what is said of an envelope. With the last answer the box is open: what was burnt under its letters
 * becomes a burn of the known piece that lay there, which teaches the bench this person’s nose, or of the piece of the
 * stash.
 * @param at ISO 8601
 */
export async function answerBlind(
  db: Notebook,
  id: string,
  { code, answer }: { code: string; answer: BlindAnswer },
  at: string,
): Promise<void> {
  await inTransaction(db, async (open) => {
    const entriesOf = ({ entries }: BlindBox) =>
      entries.map((entry) => (entry.code === code && entry.answer === null ? { ...entry, answer } : entry))
    await amendRecord(open, 'blind-box', id, at, (box) => ({ ...box, entries: entriesOf(box) }))
    const box = mustHave(await findRecord(open, 'blind-box', id)).data
    if (isOpened(box)) await openBurns(open, id, box, at)
  })
}

/** @throws GoneError where there is no such envelope, or its box is open already */
export async function checkEnvelope(db: Notebook, { id, code }: { id: string; code: string }): Promise<void> {
  const box = (await findRecord(db, 'blind-box', id))?.data
  if (!box?.isPacked || isOpened(box) || !box.entries.some((entry) => entry.code === code))
    throw new GoneError('blind-box', id)
}

async function openBurns(db: Notebook, id: string, { entries }: BlindBox, at: string): Promise<void> {
  for (const { data, ...head } of await recordsReferring(db, 'burn-test', 'blindId', id)) {
    const entry = entries.find(({ code }) => code === data.blindCode)
    if (!entry || data.controlId !== null || data.pieceId !== null) continue
    // Whatever was given away meanwhile has no burns any more.
    const controlId = await stillThere(db, 'control', entry.controlId)
    const pieceId = controlId === null ? await stillThere(db, 'piece', entry.pieceId) : null
    if (controlId !== null || pieceId !== null)
      await changeRecord(db, 'burn-test', head, { ...data, controlId, pieceId }, at)
  }
}

async function stillThere(db: Notebook, kind: 'control' | 'piece', id: string | null): Promise<string | null> {
  return id !== null && (await findRecord(db, kind, id)) ? id : null
}
