import { handAndLens } from './handAndLens'
import { liquids } from './liquids'
import { type TableTest } from './parts'
import { yarns } from './yarns'

/** Every test at the table that needs no flame, drawn: by the feature's id. */
export const tableTests: Readonly<Record<string, TableTest>> = { ...liquids, ...yarns, ...handAndLens }
