import { type Notebook } from '../store/openNotebook'
import { runJob } from '../jobs/pool'
import { readPicture } from './pictures'
import { amendRecord } from '../store/amend'
import { GoneError } from '../store/errors'
import { findRecord } from '../store/repository'
import { type Kept } from '../store/kept'
import { withPicture } from './withPicture'

/**
 * Adds a photograph to a piece. The first one gives the piece its main colours.
 * @throws RangeError where it is no picture, GoneError where the piece was taken away, ZodError where it has too many
 */
export async function addPhotograph(
  db: Notebook,
  home: string,
  pieceId: string,
  bytes: Uint8Array,
  at: string,
): Promise<Kept<'piece'>> {
  if (!(await findRecord(db, 'piece', pieceId))) throw new GoneError('piece', pieceId)
  return withPicture(home, bytes, async (name) => {
    const kept = await readPicture(home, name)
    const found = kept ? await runJob('coloursOf', { bytes: new Uint8Array(kept.bytes) }) : []
    return amendRecord(db, 'piece', pieceId, at, (piece) => ({
      ...piece,
      pictures: [...piece.pictures, { name, says: '' }],
      colours: piece.colours.length > 0 ? piece.colours : found.map(({ hex }) => hex),
    }))
  })
}

/**
 * Adds a picture to a pattern (its envelope) or to a project (how it turned out).
 * @throws RangeError where it is no picture, GoneError where the record was taken away, ZodError where it has too many
 */
export async function addPictureTo(
  db: Notebook,
  home: string,
  to: { kind: 'pattern' | 'project'; id: string },
  bytes: Uint8Array,
  at: string,
): Promise<void> {
  if (!(await findRecord(db, to.kind, to.id))) throw new GoneError(to.kind, to.id)
  await withPicture(home, bytes, (name) =>
    amendRecord(db, to.kind, to.id, at, (data) => ({ ...data, pictures: [...data.pictures, { name, says: '' }] })),
  )
}
