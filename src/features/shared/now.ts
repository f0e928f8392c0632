/** This instant, ISO 8601 in UTC: what a record is written under. */
export const now = (): string => new Date().toISOString()

/** The day that it is where the person is, `2026-05-02`: not the day in Greenwich. Swedish dates are written so. */
export const localDay = (at: Date = new Date()): string => at.toLocaleDateString('sv-SE')
