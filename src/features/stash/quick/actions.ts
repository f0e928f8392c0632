'use server'

import { revalidatePath } from 'next/cache'
import { NewIdSchema } from '@/core/notebook/schemas/id'
import { notebook } from '@/server/database'
import { notebookHome } from '@/server/home'
import { addPhotograph } from '@/server/photographs'
import { keepQuick, QuickSchema } from '@/server/quickPieces'
import { outcomeOf, type Outcome } from '../../shared/outcome'
import { now } from '../../shared/now'
import { type ActionInput } from '../../shared/actionInput'

/**
 * Keeps a piece in a hurry, with a picture where one was taken. A picture that cannot be kept does not stop the piece
 * from being kept.
 * @param form the picture, under `picture`; left out where there is none
 */
export async function quickKeep(
  input: ActionInput<typeof QuickSchema>,
  form?: FormData,
  id?: ActionInput<typeof NewIdSchema>,
): Promise<Outcome> {
  const outcome = await outcomeOf(async () =>
    keepQuick(await notebook(), QuickSchema.parse(input), now(), NewIdSchema.parse(id)),
  )
  const file = form instanceof FormData ? form.get('picture') : null
  if (outcome.ok && file instanceof Blob) {
    const bytes = new Uint8Array(await file.arrayBuffer())
    await addPhotograph(await notebook(), notebookHome(), outcome.id, bytes, now()).catch((error: unknown) => {
      console.error('The picture of a quick entry was not kept:', error)
    })
  }
  revalidatePath('/', 'layout')
  return outcome
}
