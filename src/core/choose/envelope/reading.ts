import { type Need } from '../../notebook/schemas/need'
import { type LengthAsked } from '../../notebook/schemas/making'
import { type Avoid, type Garment, type Role } from '../../vocabulary/choosing'
import { type EnvelopeNotion } from './notions'
import { type Clause } from './clauses'
import { type EnvelopeColumns } from './columns'
import { type TableContext } from './table'

/** What an envelope says of one role. */
export interface RoleRead {
  role: Role
  need: Need
  lengths: LengthRead[]
}

/** A length, and the line that it stands in: the person confirms it before anything follows from it. */
export interface LengthRead extends LengthAsked {
  from: string
}

/** A row whose columns are not known, and what was known where it stands. */
export interface OpenRow {
  /** With the whole of it, as it was written. */
  clause: Clause & { whole: string }
  role: Role
  table: TableContext
}

/** What the reading has come to so far. */
export interface EnvelopeReading {
  garment: Garment | null
  roles: Map<Role, RoleRead>
  /** Which the lines are about now. */
  role: Role
  /** What the lines above say of the rows of a table. */
  table: TableContext
  inNotions: boolean
  /** Ages go up by one, sizes of grown-ups by two. */
  isByAge: boolean
  /** All that the envelope is for, where it says so: “sizes 36-46”. */
  sizes: readonly string[]
  /** The columns that the line above heads; null where it is another line. */
  headed: EnvelopeColumns | null
  /** Rows that no columns were headed for yet: a heading may stand below them. */
  open: OpenRow[]
  /** What a heading straight below them says. */
  below: Pick<TableContext, 'columns' | 'widthMm'> | null
  /** Of the envelope, which line is read. */
  line: number
  /** The width that stands before the lengths of this line, mm. */
  widthOfLine: number | null
  /** The width that is said above all captions, mm. */
  widthOfAll: number | null
  /** On which line a caption stood before numbers: its views are those of the whole line. */
  captionLine: number
  /** Its role was said and its lengths told: what follows is of the main fabric again. */
  isRoleTold: boolean
  notions: EnvelopeNotion[]
  avoid: Set<Avoid>
  notRead: string[]
  structures: Map<Role, Set<'woven' | 'knit'>>
  /** Some words mean another thing in the US: a vest, a jumper. */
  isAmerican: boolean
}

/** What is read of a role so far. */
export function roleRead({ roles }: EnvelopeReading, role: Role): RoleRead {
  const found = roles.get(role) ?? { role, need: {}, lengths: [] }
  roles.set(role, found)
  return found
}
