'use server'

import { TestSeamSchema } from '@/core/notebook/kinds/testSeam'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { notebook } from '@/server/database'
import { notebookHome } from '@/server/store/home'
import { createRecord, removeRecord } from '@/server/store/repository'
import { withPicture } from '@/server/pictures/withPicture'
import { action, TOLD } from '../../shared/action'
import { now } from '../../shared/now'
import { sayingWhy } from '../../shared/outcome'
import { bytesOf, SentPictureSchema } from '../../shared/pictures/sent'

/** Keeps a test seam, and its picture where one comes along. */
export const keepTestSeam = action(
  [TestSeamSchema, SentPictureSchema.optional()],
  async (seam, sent) => {
    const keep = async (picture: string | null) => {
      await createRecord(await notebook(), 'test-seam', { ...seam, picture }, now())
    }
    if (!sent) return keep(null)
    const bytes = await bytesOf(sent)
    return sayingWhy(() => withPicture(notebookHome(), bytes, keep))
  },
  ['test-seam'],
  TOLD,
)

/** Throws a test seam away. */
export const dropTestSeam = action(
  [RecordIdSchema],
  async (id) => {
    await removeRecord(await notebook(), 'test-seam', { id }, now())
  },
  ['test-seam'],
  TOLD,
)
