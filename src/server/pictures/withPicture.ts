import { removePicture, savePicture } from './pictures'

/**
 * Lays a picture on the disk and then writes the row that names it; the file goes again where the row cannot be
 * written, so that there is no row without a file and no file without a row.
 * @throws RangeError where it is no picture, and whatever the writing throws
 */
export async function withPicture<T>(
  home: string,
  bytes: Uint8Array,
  write: (name: string) => Promise<T>,
): Promise<T> {
  const name = await savePicture(home, bytes)
  try {
    return await write(name)
  } catch (error) {
    await removePicture(home, name)
    throw error
  }
}
