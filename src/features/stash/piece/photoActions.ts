'use server'

import { z } from 'zod'
import { PictureNameSchema } from '@/core/notebook/schemas/stash'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { type Piece } from '@/core/notebook/kinds/piece'
import { notebook } from '@/server/database'
import { notebookHome } from '@/server/store/home'
import { addPhotograph } from '@/server/pictures/photographs'
import { action } from '../../shared/action'
import { now } from '../../shared/now'
import { sayingWhy } from '../../shared/outcome'
import { bytesOf, SentPictureSchema } from '../../shared/pictures/sent'
import { amendAction } from '../../shared/recordActions'

/** Adds a photograph to a piece. */
export const addPhoto = action(
  [RecordIdSchema, SentPictureSchema],
  async (id, sent) => {
    const bytes = await bytesOf(sent)
    await sayingWhy(async () => addPhotograph(await notebook(), notebookHome(), id, bytes, now()))
  },
  ['piece'],
)

const ChangeSchema = z.discriminatedUnion('do', [
  /** It stands for the piece. */
  z.strictObject({ do: z.literal('first'), name: PictureNameSchema }),
  z.strictObject({ do: z.literal('drop'), name: PictureNameSchema }),
  z.strictObject({ do: z.literal('face'), face: z.enum(['drawing', 'picture']) }),
  /** The drawing takes the colours of the pictures. */
  z.strictObject({ do: z.literal('colour') }),
])

/** Puts a photograph first, or away, or says what stands for the piece. */
export const changePhotos = amendAction('piece', ChangeSchema, changed)

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
