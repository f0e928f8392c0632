import { dayOf } from '@/core/units/day'

/** This instant, ISO 8601 in UTC: what a record is written under. */
export const now = (): string => new Date().toISOString()

/** The day that it is where the person is, `2026-05-02`. */
export const localDay = (at: Date = new Date()): string => dayOf(at.toISOString())
