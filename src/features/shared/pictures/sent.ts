import { doneOf, type Done, refusedFor } from '../outcome'

/** Does something with a picture that a form brings; what is no picture, and a queue that is full, are told. */
export async function withSentPicture(form: unknown, keep: (bytes: Uint8Array) => Promise<unknown>): Promise<Done> {
  const file = form instanceof FormData ? form.get('picture') : null
  if (!(file instanceof Blob)) return refusedFor('No picture came along.')
  try {
    return await doneOf(async () => keep(new Uint8Array(await file.arrayBuffer())))
  } catch (error) {
    if (error instanceof RangeError) return refusedFor(error.message)
    throw error
  }
}
