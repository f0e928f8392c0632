import { z } from 'zod'
import { listOf } from '../schemas/text'
import { defineKind } from './define'

const clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'a time is written 09:30')

/** Hours that the person has every week. */
export const HoursSchema = z
  .strictObject({
    /** 0: Monday. */
    day: z.number().int().min(0).max(6),
    from: clock,
    to: clock,
  })
  .refine(({ from, to }) => from < to, { path: ['to'], message: 'it ends before it begins' })

/** What the person sews, washes and dries with, when, and which side of the schools they take. Asked once. */
export const WorkroomSchema = z.strictObject({
  machine: z
    .strictObject({
      overlocker: z.boolean().default(false),
      walkingFoot: z.boolean().default(false),
      smallestNeedle: z.number().int().min(60).max(120).default(60),
    })
    .prefault({}),
  household: z
    .strictObject({
      washerKg: z.number().min(0.5, 'a drum holds at least half a kilogram').max(30).default(6),
      dryer: z.boolean().default(false),
      lineMetres: z.number().min(0).max(200).default(8),
      celsius: z.number().min(-5).max(40).default(18),
      humidityPercent: z.number().min(10).max(95).default(60),
    })
    .prefault({}),
  hours: listOf(HoursSchema, 28).default([]),
  schools: z.record(z.string().max(40), z.string().max(40)).default({}),
})

export type Workroom = z.output<typeof WorkroomSchema>

export const workroomKind = defineKind({
  id: 'workroom',
  words: { one: 'a workroom', many: 'workrooms' },
  version: 1,
  schema: WorkroomSchema,
  steps: [],
  references: {},
  title: () => 'Workroom',
  searched: () => [],
})
