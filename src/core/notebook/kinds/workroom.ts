import { z } from 'zod'
import { FEET } from '../../vocabulary/making'
import { DaySchema } from '../schemas/stash'
import { listOf } from '../schemas/text'
import { defineKind } from './define'

const clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'Please enter a time like 09:30.')

/** Hours that the person has every week. */
export const HoursSchema = z
  .strictObject({
    /** 0: Monday. */
    day: z.number().int().min(0).max(6),
    from: clock,
    to: clock,
  })
  .refine(({ from, to }) => from < to, { path: ['to'], message: 'The time must end after it begins.' })

const moment = z
  .string()
  .regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/, 'Please enter a date and time like 2026-05-04T18:30.')
const span = z.strictObject({ from: moment, to: moment })

/** What a calendar said of the weeks after it was read: when the person has no time, or time beside the usual. */
const CalendarSchema = z.strictObject({
  taken: listOf(span, 1000).default([]),
  free: listOf(span, 1000).default([]),
  readOn: DaySchema.nullable().default(null),
})

/** A time that is not as every week: free beside the usual, or not free. */
export const OnceSchema = z
  .strictObject({ from: moment, to: moment, isFree: z.boolean() })
  .refine(({ from, to }) => from < to, { path: ['to'], message: 'The time must end after it begins.' })

/** What the person sews, washes and dries with, when, and which side of the schools they take. Asked once. */
export const WorkroomSchema = z.strictObject({
  machine: z
    .strictObject({
      overlocker: z.boolean().default(false),
      feet: listOf(z.enum(FEET), FEET.length).default([]),
      steamIron: z.boolean().default(true),
      smallestNeedle: z.number().int().min(60).max(120).default(60),
    })
    .prefault({}),
  household: z
    .strictObject({
      washerKg: z.number().min(0.5, 'Please enter at least half a kilogram.').max(30).default(6),
      dryer: z.boolean().default(false),
      lineMetres: z.number().min(0).max(200).default(8),
      celsius: z.number().min(-5).max(40).default(18),
      humidityPercent: z.number().min(10).max(95).default(60),
    })
    .prefault({}),
  hours: listOf(HoursSchema, 28).default([]),
  once: listOf(OnceSchema, 200).default([]),
  calendar: CalendarSchema.prefault({}),
  schools: z.record(z.string().max(40), z.string().max(40)).default({}),
})

export type Workroom = z.output<typeof WorkroomSchema>

export const workroomKind = defineKind({
  id: 'workroom',
  words: { one: 'equipment and time', many: 'workrooms' },
  version: 3,
  schema: WorkroomSchema,
  // A walking foot was the only one asked for; every time was one of every week.
  steps: [withFeet, (data) => data],
  references: {},
  title: () => 'Equipment and time',
  searched: () => [],
})

function withFeet(data: unknown): unknown {
  const { machine, ...rest } = data as { machine?: { walkingFoot?: boolean } }
  const { walkingFoot, ...others } = machine ?? {}
  return { ...rest, machine: { ...others, feet: walkingFoot ? ['walking'] : [] } }
}
