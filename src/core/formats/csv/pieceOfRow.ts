import { PieceSchema, type Piece } from '../../notebook/kinds/piece'
import { type TableRow } from './read'

/** What a piece’s notes and its name take, characters. */
const MOST_NOTES = 2000
const MOST_NAME = 80

/**
 * A line of a table as a piece of the stash. What a piece has no field for, and every cell that was left open, stands
 * in its notes as it was written: nothing of the table is lost.
 */
export function pieceOfRow({ fabric, doubts, line }: TableRow): Piece {
  const {
    name: full = `Line ${line}`,
    called,
    kind,
    fibres,
    widthMm,
    lengthMm,
    washed,
    place,
    source,
    boughtOn,
  } = fabric
  const { price, tags, ideas, colour, care, gsm, notes } = fabric
  const name = full.length > MOST_NAME ? `${full.slice(0, MOST_NAME - 1).trimEnd()}…` : full
  const beside = [
    notes,
    name !== full && `Name: ${full}`,
    colour && `Colour: ${colour}`,
    care && `Care: ${care}`,
    gsm !== undefined && `Weight as listed: ${gsm} g/m²`,
    ...doubts.map(({ column, text }) => `${column}, as written: “${text}”`),
  ]
  const draft = {
    name,
    ...(called && { called }),
    ...(kind && { thing: kind }),
    ...(fibres && { claim: fibres }),
    ...(widthMm !== undefined && { widthMm }),
    ...(lengthMm !== undefined && { lengthMm }),
    ...(washed !== undefined && { washed: washed ? 'washed' : 'unwashed' }),
    ...(place && { place }),
    ...(source && { source }),
    ...(boughtOn && { got: boughtOn }),
    ...(price && { price }),
    ...(tags && { tags }),
    ...(ideas && { ideas }),
    notes: beside.filter(Boolean).join('\n').slice(0, MOST_NOTES),
  }
  return withoutRefused(draft)
}

/** The piece without fields that a piece may not have so: they stand in its notes. */
function withoutRefused(draft: Record<string, unknown>): Piece {
  const parsed = PieceSchema.safeParse(draft)
  if (parsed.success) return parsed.data
  const wrong = new Set(parsed.error.issues.map(({ path }) => String(path[0])))
  const left = Object.entries(draft).filter(([field]) => !wrong.has(field) || field === 'name')
  const lost = [...wrong].flatMap((field) => (field in draft ? [`${field}: ${JSON.stringify(draft[field])}`] : []))
  const notes = [draft.notes, ...lost].filter(Boolean).join('\n').slice(0, MOST_NOTES)
  return PieceSchema.parse({ ...Object.fromEntries(left), notes: wrong.has('notes') ? '' : notes })
}
