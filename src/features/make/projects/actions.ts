'use server'

import { z } from 'zod'
import { ProjectSchema, type Project } from '@/core/notebook/kinds/project'
import { ProjectClothSchema } from '@/core/notebook/kinds/projectCloth'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { optionalText } from '@/core/notebook/schemas/text'
import { MAKING_STEPS, PRIORITIES, WEARS } from '@/core/vocabulary/making'
import { ROLES } from '@/core/vocabulary/choosing'
import { notebook } from '@/server/database'
import { notebookHome } from '@/server/store/home'
import { addPictureTo } from '@/server/pictures/photographs'
import { createRecord, findRecord, recordsReferring, removeRecord, inTransaction } from '@/server/store/repository'
import { action, TOLD } from '../../shared/action'
import { now } from '../../shared/now'
import { sayingWhy } from '../../shared/outcome'
import { bytesOf, SentPictureSchema } from '../../shared/pictures/sent'
import { amendAction, dropAction, keepAction } from '../../shared/recordActions'

export const keepProject = keepAction('project', ProjectSchema)

const ChoiceSchema = z.strictObject({
  role: z.enum(ROLES),
  label: optionalText(60),
  /** Null: to be bought. */
  pieceId: RecordIdSchema.nullable(),
  wish: optionalText(300),
})

/** Chooses a piece of the stash for a role, or says that it is to be bought. */
export const chooseCloth = action(
  [RecordIdSchema, ChoiceSchema],
  async (projectId, { role, label, pieceId, wish }) => {
    await inTransaction(await notebook(), async (db) => {
      const piece = pieceId === null ? undefined : await findRecord(db, 'piece', pieceId)
      const before = await recordsReferring(db, 'project-cloth', 'projectId', projectId)
      for (const { id, data } of before)
        if (data.role === role && data.label === label) await removeRecord(db, 'project-cloth', { id }, now())
      const cloth = { projectId, role, label, pieceId, wish, was: piece?.data.name ?? '' }
      await createRecord(db, 'project-cloth', ProjectClothSchema.parse(cloth), now())
    })
  },
  ['project-cloth'],
  TOLD,
)

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
    amount: z.number().min(0, 'Please enter a price of 0 or more.').max(1_000_000).nullable(),
  }),
  z.strictObject({ do: z.literal('currency'), currency: optionalText(8) }),
  z.strictObject({
    do: z.literal('wish'),
    wishDate: z.iso.date().nullable().optional(),
    priority: z.enum(PRIORITIES).optional(),
  }),
  z.strictObject({ do: z.literal('let-go'), id: z.string().min(1).max(160) }),
  z.strictObject({ do: z.literal('put-off'), id: z.string().min(1).max(160), until: z.string().max(16) }),
])

/** Changes what a project says of itself. */
export const changeProject = amendAction('project', ChangeSchema, changed)

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
    case 'wish': {
      const { wishDate = project.wishDate, priority = project.priority } = change
      return { ...project, wishDate, priority }
    }
    case 'let-go':
      return unmoved(project, change.id)
    case 'put-off': {
      const rest = unmoved(project, change.id)
      return { ...rest, putOff: [...rest.putOff, { id: change.id, until: change.until }] }
    }
  }
}

/** A project in which a step stands wherever it falls. */
const unmoved = (project: Project, stepId: string): Project => ({
  ...project,
  putOff: project.putOff.filter(({ id }) => id !== stepId),
  placed: project.placed.filter(({ id }) => id !== stepId),
})

/** Adds a picture of how it turned out. */
export const addProjectPicture = action(
  [RecordIdSchema, SentPictureSchema],
  async (id, sent) => {
    const bytes = await bytesOf(sent)
    await sayingWhy(async () => addPictureTo(await notebook(), notebookHome(), { kind: 'project', id }, bytes, now()))
  },
  ['project'],
)

/** Puts a project into the bin; its fabrics are free again. */
export const dropProject = dropAction('project', '/make/projects')
