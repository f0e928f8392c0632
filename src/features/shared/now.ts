/** This instant, ISO 8601 in UTC: what a record is written under. */
export const now = (): string => new Date().toISOString()
