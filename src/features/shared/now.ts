/** This instant, ISO 8601 in UTC: what a record is written under. */
export const now = (): string => new Date().toISOString()

/**
 * The day that it is where the person is, `2026-05-02`. Swedish dates are written so: a page that asks for the day
 * need not load a calendar.
 */
export const localDay = (at: Date = new Date()): string => at.toLocaleDateString('sv-SE')
