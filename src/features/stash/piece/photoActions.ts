'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { PictureNameSchema } from '@/core/notebook/schemas/stash'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { type Piece } from '@/core/notebook/kinds/piece'
import { notebook } from '@/server/database'
import { notebookHome } from '@/server/home'
import { addPhotograph } from '@/server/photographs'
import { amendRecord } from '@/server/store/amend'
import { doneOf, type Done } from '../../shared/outcome'
import { withSentPicture } from '../../shared/pictures/sent'
import { parseOr404 } from '../../shared/parseOr404'
import { now } from '../../shared/now'
import { type ActionInput } from '../../shared/actionInput'

/** Adds a photograph to a piece. */
export async function addPhoto(pieceId: ActionInput<typeof RecordIdSchema>, form: FormData): Promise<Done> {
  const id = parseOr404(RecordIdSchema, pieceId)
  const outcome = await withSentPicture(form, async (bytes) =>
    addPhotograph(await notebook(), notebookHome(), id, bytes, now()),
  )
  revalidatePath('/', 'layout')
  return outcome
}

const ChangeSchema = z.discriminatedUnion('do', [
  /** It stands for the piece. */
  z.strictObject({ do: z.literal('first'), name: PictureNameSchema }),
  z.strictObject({ do: z.literal('drop'), name: PictureNameSchema }),
  z.strictObject({ do: z.literal('face'), face: z.enum(['drawing', 'picture']) }),
  /** The drawing takes the colours of the pictures. */
  z.strictObject({ do: z.literal('colour') }),
])

/** Puts a photograph first, or away, or says what stands for the piece. */
export async function changePhotos(
  pieceId: ActionInput<typeof RecordIdSchema>,
  change: ActionInput<typeof ChangeSchema>,
): Promise<Done> {
  const id = parseOr404(RecordIdSchema, pieceId)
  const asked = parseOr404(ChangeSchema, change)
  const outcome = await doneOf(async () =>
    amendRecord(await notebook(), 'piece', id, now(), (piece) => changed(piece, asked)),
  )
  revalidatePath('/', 'layout')
  return outcome
}

function changed(piece: Piece, change: z.output<typeof ChangeSchema>): Piece {
  switch (change.do) {
    case 'first': {
      const others = piece.pictures.filter(({ name }) => name !== change.name)
      const chosen = piece.pictures.filter(({ name }) => name === change.name)
      return { ...piece, pictures: [...chosen, ...others], face: 'picture' }
    }
    case 'drop': {
      const pictures = piece.pictures.filter(({ name }) => name !== change.name)
      return { ...piece, pictures, face: pictures.length === 0 ? 'drawing' : piece.face }
    }
    case 'face':
      return { ...piece, face: change.face }
    case 'colour': {
      const [warp = piece.look.warp, weft = warp, accent = null] = piece.colours
      return { ...piece, look: { ...piece.look, warp, weft, accent: accent ?? piece.look.accent } }
    }
  }
}
