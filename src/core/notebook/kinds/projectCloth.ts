import { z } from 'zod'
import { ROLE_WORDS, ROLES } from '../../vocabulary/choosing'
import { optionalText } from '../schemas/text'
import { defineKind } from './define'

const id = z.string().min(1).max(64)

/** What one role of a project is cut from: a piece of the stash, which it keeps back, or something to buy. */
export const ProjectClothSchema = z.strictObject({
  projectId: id,
  role: z.enum(ROLES),
  /** As the pattern calls it, where there are several of a role. */
  label: optionalText(60),
  /** Null where it has to be bought. */
  pieceId: id.nullable().default(null),
  /** What to look for in the shop. */
  wish: optionalText(300),
  /** What it was called once the piece is gone: history outlives the shelf. */
  was: optionalText(160),
})

export type ProjectCloth = z.infer<typeof ProjectClothSchema>

export const projectClothKind = defineKind({
  id: 'project-cloth',
  words: { one: 'a fabric of a project', many: 'fabrics of projects' },
  version: 1,
  schema: ProjectClothSchema,
  steps: [],
  references: {
    projectId: { to: 'project', whenRemoved: 'remove' },
    pieceId: { to: 'piece', whenRemoved: 'clear' },
  },
  title: ({ role, label }) => label || ROLE_WORDS[role],
  searched: ({ wish, was }) => [wish, was],
})
