import { z } from 'zod'
import { MOST_BLIND } from '../../practice/blind'
import { FAMILIES, FIBRE_IDS } from '../../vocabulary/fibres'
import { BlindCodeSchema } from '../schemas/blind'
import { listOf, nameText } from '../schemas/text'
import { defineKind } from './define'

const fibres = listOf(z.enum(FIBRE_IDS), 3)

/** Known things under letters, and what was said of each: the honest test of one's own nose. */
export const BlindBoxSchema = z.strictObject({
  begun: z.iso.datetime(),
  /** Packed: from here on its key is not shown until it is opened. */
  isPacked: z.boolean().default(false),
  entries: z
    .array(
      z.strictObject({
        code: BlindCodeSchema,
        name: nameText,
        fibres: fibres.min(1, 'Please say what it is made of.'),
        /** Where it was taken from: its burns are this one’s once the box is open. */
        controlId: z.uuid().nullable().default(null),
        pieceId: z.uuid().nullable().default(null),
        answer: z
          .strictObject({
            family: z.enum(FAMILIES),
            fibres,
            sure: z.number().min(0.5).max(1),
          })
          .nullable()
          .default(null),
      }),
    )
    .min(1)
    .max(MOST_BLIND),
})

export type BlindBox = z.output<typeof BlindBoxSchema>

export const blindBoxKind = defineKind({
  id: 'blind-box',
  words: { one: 'a blind test', many: 'blind tests' },
  version: 2,
  schema: BlindBoxSchema,
  // What the later form has more of has a usual value.
  steps: [(data) => data],
  references: {},
  title: ({ begun }) => `Blind test of ${begun.slice(0, 10)}`,
  searched: () => [],
})
