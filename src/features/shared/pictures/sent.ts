import { z } from 'zod'

const NONE = 'No photo was sent.'

/** A form with a picture in it, as the picture. */
export const SentPictureSchema = z.instanceof(FormData, { error: NONE }).transform((form, context) => {
  const file = form.get('picture')
  if (file instanceof Blob) return file
  context.addIssue({ code: 'custom', message: NONE })
  return z.NEVER
})

/** Its bytes. */
export const bytesOf = async (file: Blob): Promise<Uint8Array> => new Uint8Array(await file.arrayBuffer())
