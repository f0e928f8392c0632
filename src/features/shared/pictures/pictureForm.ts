import { shrinkPicture } from './shrinkPicture'

/** A picture made ready to be sent: smaller where this browser can, as it is where it cannot. */
export async function pictureForm(file: Blob): Promise<FormData> {
  const form = new FormData()
  form.set('picture', await shrinkPicture(file).catch(() => file), 'picture.jpg')
  return form
}
