import { z } from 'zod'
import { fibreById } from '../../fibres/catalogue'
import { FibreIdSchema } from '../schemas/observation'
import { nameText, optionalText } from '../schemas/text'
import { defineKind } from './define'

/** A known piece of the controls box. */
export const ControlSchema = z.strictObject({
  fibre: FibreIdSchema,
  name: nameText,
  /** Why the person is sure. */
  sure: optionalText(200),
})

export type Control = z.infer<typeof ControlSchema>

export const controlKind = defineKind({
  id: 'control',
  words: { one: 'a known sample', many: 'known samples' },
  version: 1,
  schema: ControlSchema,
  steps: [],
  references: {},
  title: ({ name }) => name,
  searched: ({ name, sure, fibre }) => [name, sure, fibreById(fibre).name.uk, fibreById(fibre).name.us],
})
