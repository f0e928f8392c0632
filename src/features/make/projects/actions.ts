'use server'

import { revalidatePath } from 'next/cache'
import { redirect } from 'next/navigation'
import { z } from 'zod'
import { ProjectSchema, type Project } from '@/core/notebook/kinds/project'
import { ProjectClothSchema } from '@/core/notebook/kinds/projectCloth'
import { NewIdSchema, RecordIdSchema } from '@/core/notebook/schemas/id'
import { optionalText } from '@/core/notebook/schemas/text'
import { MAKING_STEPS, WEARS } from '@/core/vocabulary/making'
import { ROLES } from '@/core/vocabulary/choosing'
import { notebook } from '@/server/database'
import { notebookHome } from '@/server/home'
import { addPictureTo } from '@/server/photographs'
import { amendRecord } from '@/server/store/amend'
import { createRecord, findRecord, recordsReferring, removeRecord, inTransaction } from '@/server/store/repository'
import { createOnce } from '@/server/store/createOnce'
import { doneOf, outcomeOf, type Done, type Outcome, type Refusal } from '../../shared/outcome'
import { withSentPicture } from '../../shared/pictures/sent'
import { parseOr404 } from '../../shared/parseOr404'
import { now } from '../../shared/now'
import { type ActionInput } from '../../shared/actionInput'

export async function keepProject(
  input: ActionInput<typeof ProjectSchema>,
  id?: ActionInput<typeof NewIdSchema>,
): Promise<Outcome> {
  const outcome = await outcomeOf(async () =>
    createOnce(await notebook(), 'project', ProjectSchema.parse(input), now(), NewIdSchema.parse(id)),
  )
  if (outcome.ok) revalidatePath('/', 'layout')
  return outcome
}

const ChoiceSchema = z.strictObject({
  role: z.enum(ROLES),
  label: optionalText(60),
  /** Null: to be bought. */
  pieceId: RecordIdSchema.nullable(),
  wish: optionalText(300),
})

/** Chooses a piece of the stash for a role, or says that it is to be bought. */
export async function chooseCloth(
  projectId: ActionInput<typeof RecordIdSchema>,
  choice: ActionInput<typeof ChoiceSchema>,
): Promise<Done> {
  const id = parseOr404(RecordIdSchema, projectId)
  const { role, label, pieceId, wish } = parseOr404(ChoiceSchema, choice)
  const outcome = await doneOf(async () => {
    const db = await notebook()
    await inTransaction(db, async (open) => {
      const piece = pieceId === null ? undefined : await findRecord(open, 'piece', pieceId)
      const before = await recordsReferring(open, 'project-cloth', 'projectId', id)
      for (const { id: old, data } of before)
        if (data.role === role && data.label === label) await removeRecord(open, 'project-cloth', { id: old }, now())
      const cloth = { projectId: id, role, label, pieceId, wish, was: piece?.data.name ?? '' }
      await createRecord(open, 'project-cloth', ProjectClothSchema.parse(cloth), now())
    })
  })
  revalidatePath('/', 'layout')
  return outcome
}

const ChangeSchema = z.discriminatedUnion('do', [
  z.strictObject({ do: z.literal('step'), step: z.enum(MAKING_STEPS), isBehind: z.boolean() }),
  z.strictObject({ do: z.literal('bought'), text: optionalText(200), isBought: z.boolean() }),
  z.strictObject({ do: z.literal('finish'), on: z.iso.date().nullable() }),
  z.strictObject({
    do: z.literal('wore'),
    wore: z.array(z.enum(WEARS)).max(WEARS.length),
    notes: optionalText(2000),
  }),
  z.strictObject({
    do: z.literal('which'),
    size: optionalText(24),
    view: optionalText(24),
    copies: z.number().int().min(1).max(100),
  }),
  z.strictObject({ do: z.literal('notes'), notes: optionalText(4000) }),
  z.strictObject({
    do: z.literal('tick'),
    id: z.string().min(1).max(160),
    isDone: z.boolean(),
    took: z
      .strictObject({ planned: z.number().min(0).max(10_000), minutes: z.number().min(0).max(10_000) })
      .optional(),
  }),
  z.strictObject({
    do: z.literal('cost'),
    what: z.string().min(1).max(200),
    /** Null: not known any more. */
    amount: z.number().min(0, 'a price is not negative').max(1_000_000).nullable(),
  }),
  z.strictObject({ do: z.literal('currency'), currency: optionalText(8) }),
  z.strictObject({ do: z.literal('put-off'), id: z.string().min(1).max(160), until: z.string().max(16) }),
])

/** Changes what a project says of itself. */
export async function changeProject(
  projectId: ActionInput<typeof RecordIdSchema>,
  change: ActionInput<typeof ChangeSchema>,
): Promise<Done> {
  const id = parseOr404(RecordIdSchema, projectId)
  const asked = parseOr404(ChangeSchema, change)
  const outcome = await doneOf(async () =>
    amendRecord(await notebook(), 'project', id, now(), (project) => changed(project, asked)),
  )
  revalidatePath('/', 'layout')
  return outcome
}

function changed(project: Project, change: z.output<typeof ChangeSchema>): Project {
  switch (change.do) {
    case 'step': {
      const behind = project.behind.filter((step) => step !== change.step)
      return { ...project, behind: change.isBehind ? [...behind, change.step] : behind }
    }
    case 'bought': {
      const bought = project.bought.filter((text) => text !== change.text)
      return { ...project, bought: change.isBought ? [...bought, change.text] : bought }
    }
    case 'finish':
      return { ...project, finished: change.on }
    case 'wore':
      return { ...project, wore: [...new Set(change.wore)], woreNotes: change.notes }
    case 'which':
      return { ...project, size: change.size, view: change.view, copies: change.copies }
    case 'notes':
      return { ...project, notes: change.notes }
    case 'tick': {
      const ticked = project.ticked.filter((id) => id !== change.id)
      const took = project.took.filter(({ id }) => id !== change.id)
      return {
        ...project,
        ticked: change.isDone ? [...ticked, change.id] : ticked,
        took: change.isDone && change.took ? [...took, { id: change.id, ...change.took }] : took,
      }
    }
    case 'cost': {
      const costs = project.costs.filter(({ what }) => what !== change.what)
      const { what, amount } = change
      return { ...project, costs: amount === null ? costs : [...costs, { what, amount }] }
    }
    case 'currency':
      return { ...project, currency: change.currency }
    case 'put-off': {
      const rest = project.putOff.filter(({ id }) => id !== change.id)
      return { ...project, putOff: [...rest, { id: change.id, until: change.until }] }
    }
  }
}

/** Adds a picture of how it turned out. */
export async function addProjectPicture(
  projectId: ActionInput<typeof RecordIdSchema>,
  form: FormData,
): Promise<Done> {
  const id = parseOr404(RecordIdSchema, projectId)
  const outcome = await withSentPicture(form, async (bytes) =>
    addPictureTo(await notebook(), notebookHome(), { kind: 'project', id }, bytes, now()),
  )
  revalidatePath('/', 'layout')
  return outcome
}

/** Puts a project into the bin; its cloths are free again. */
export async function dropProject(projectId: ActionInput<typeof RecordIdSchema>): Promise<Refusal> {
  const id = parseOr404(RecordIdSchema, projectId)
  const outcome = await doneOf(async () => removeRecord(await notebook(), 'project', { id }, now()))
  if (!outcome.ok && !outcome.gone) return outcome
  revalidatePath('/', 'layout')
  redirect('/projects')
}
