import { z } from 'zod'
import { WASH_STATES } from '../../vocabulary/cloth'
import { MeasurementSchema } from '../measurements'
import { defineKind } from './define'

/** A reading as it is kept: of which piece, in which state of washing, and what was read. */
export const MeasurementRecordSchema = z.strictObject({
  pieceId: z.uuid(),
  state: z.enum(WASH_STATES),
  data: MeasurementSchema,
})

export const measurementKind = defineKind({
  id: 'measurement',
  words: { one: 'a measurement', many: 'readings' },
  version: 2,
  schema: MeasurementRecordSchema,
  // A count by picture has its picture beside it in the later form.
  steps: [(data) => data],
  references: { pieceId: { to: 'piece', whenRemoved: 'remove' } },
  title: ({ data }) => data.kind,
  searched: () => [],
})
