import { mustHave } from '@/core/lists/items'

/** The longest side of a picture that is kept, pixels: enough to see a bead, small enough for a phone's connection. */
const MOST_PIXELS = 2400
const QUALITY = 0.85

/** A picture made small enough to send, turned as its EXIF says, as JPEG. @throws where the browser cannot read it */
export async function shrinkPicture(file: Blob): Promise<Blob> {
  const bitmap = await createImageBitmap(file)
  const scale = Math.min(1, MOST_PIXELS / Math.max(bitmap.width, bitmap.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(bitmap.width * scale)
  canvas.height = Math.round(bitmap.height * scale)
  mustHave(canvas.getContext('2d')).drawImage(bitmap, 0, 0, canvas.width, canvas.height)
  bitmap.close()
  return new Promise((resolve, reject) =>
    canvas.toBlob(
      (blob) => (blob ? resolve(blob) : reject(new Error('we could not make the photo smaller'))),
      'image/jpeg',
      QUALITY,
    ),
  )
}
