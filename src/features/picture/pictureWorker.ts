import { countThreads, NothingToCount } from '@/core/loupe/count'
import { NoShape, shadowOf } from '@/core/loupe/disc'
import { NEAR_THREADS, threadLines } from '@/core/loupe/overlay'
import { type Plane } from '@/core/loupe/plane'
import { shoot } from '@/demo/standins/camera'
// Types alone: a worker that holds the page's side would hold itself.
import type { Job, Said, View } from './jobs'

/** The worker's own end of the line; the page's types describe a window. */
const line = self as unknown as {
  postMessage: (said: Said, transfer?: Transferable[]) => void
  onmessage: (event: MessageEvent<Job>) => void
}

/** Largest picture, pixels: 24 megapixels and a little. */
const MOST_PIXELS = 25_000_000
/** Longest side of what is shown of the whole picture, pixels. */
const SHOWN = 1400
/** Longest side of what is read to be counted: more holds no more threads than are needed. */
const READ = 4096

/** What goes wrong with the picture itself, in words for the person. */
class Unusable extends Error {}

line.onmessage = ({ data: job }) => {
  work(job)
    .then(([done, transfer]) => line.postMessage({ done }, transfer))
    .catch((error: unknown) => {
      const isTold =
        error instanceof Unusable ||
        error instanceof NothingToCount ||
        error instanceof NoShape ||
        error instanceof RangeError
      line.postMessage({ failed: isTold ? error.message : 'The picture could not be worked on.' })
    })
}

async function work(job: Job): Promise<[done: unknown, transfer: Transferable[]]> {
  if (job.kind === 'shoot') return [await photographed(job.shot), []]
  const picture = await opened(job.file)
  switch (job.kind) {
    case 'open':
      return shown(await view(picture, 0, 0, picture.width, picture.height, SHOWN))
    case 'near':
      return shown(await middleOf(picture, job.sidePx))
    case 'shadow':
      return [shadowOf(planeOf(picture, 0, 0, picture.width, picture.height)), []]
    case 'count': {
      const [width, height] = [Math.min(READ, picture.width), Math.min(READ, picture.height)]
      const [left, top] = [Math.floor((picture.width - width) / 2), Math.floor((picture.height - height) / 2)]
      const plane = planeOf(picture, left, top, width, height)
      const count = countThreads(plane, job.pixelsPerCm, (progress) => line.postMessage({ progress }))
      const reach =
        (NEAR_THREADS / 2 / Math.min(...count.sets.map(({ threadsPerCm }) => threadsPerCm))) * job.pixelsPerCm
      const lines = count.sets.map((set) =>
        threadLines(plane, set, job.pixelsPerCm, reach).map(({ from, to }) => ({
          from: moved(from, left, top),
          to: moved(to, left, top),
        })),
      )
      const near = await middleOf(picture, 2 * reach)
      return [{ count, lines, view: near }, [near.bitmap]]
    }
  }
}

const shown = (one: View): [View, Transferable[]] => [one, [one.bitmap]]
const moved = ({ x, y }: { x: number; y: number }, left: number, top: number) => ({ x: x + left, y: y + top })

/** Turned as its EXIF says. */
async function opened(file: Blob): Promise<ImageBitmap> {
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(() => {
    throw new Unusable('That is no picture that can be opened: a JPEG, PNG or WebP is needed.')
  })
  if (bitmap.width * bitmap.height > MOST_PIXELS)
    throw new Unusable(
      `The picture has ${Math.round((bitmap.width * bitmap.height) / 1e6)} megapixels; up to 24 can be ` +
        'worked on. Make it smaller, or cut out the middle.',
    )
  return bitmap
}

function middleOf(picture: ImageBitmap, side: number): Promise<View> {
  const [width, height] = [Math.min(picture.width, Math.ceil(side)), Math.min(picture.height, Math.ceil(side))]
  return view(
    picture,
    Math.floor((picture.width - width) / 2),
    Math.floor((picture.height - height) / 2),
    width,
    height,
    SHOWN,
  )
}

async function view(
  picture: ImageBitmap,
  left: number,
  top: number,
  width: number,
  height: number,
  most: number,
): Promise<View> {
  const by = Math.min(1, most / Math.max(width, height))
  const bitmap = await createImageBitmap(picture, left, top, width, height, {
    resizeWidth: Math.max(1, Math.round(width * by)),
    resizeHeight: Math.max(1, Math.round(height * by)),
    resizeQuality: 'medium',
  })
  return { bitmap, left, top, width, height }
}

/** Brightness of a part of the picture (Rec. 601 luma). */
function planeOf(picture: ImageBitmap, left: number, top: number, width: number, height: number): Plane {
  const canvas = new OffscreenCanvas(width, height)
  const context = canvas.getContext('2d', { willReadFrequently: true })
  if (!context) throw new Unusable('This browser cannot read the points of a picture.')
  context.drawImage(picture, left, top, width, height, 0, 0, width, height)
  const { data } = context.getImageData(0, 0, width, height)
  const luma = new Float32Array(width * height)
  for (let i = 0; i < luma.length; i++)
    luma[i] = 0.299 * data[4 * i]! + 0.587 * data[4 * i + 1]! + 0.114 * data[4 * i + 2]!
  return { width, height, data: luma }
}

/** What the made-up camera takes, as a file like any other's. */
async function photographed(shot: Parameters<typeof shoot>[0]): Promise<{ file: Blob; pixelsPerCm: number }> {
  const { width, height, data, pixelsPerCm } = shoot(shot, Math.random)
  const canvas = new OffscreenCanvas(width, height)
  canvas.getContext('2d')!.putImageData(new ImageData(data, width, height), 0, 0)
  return { file: await canvas.convertToBlob({ type: 'image/png' }), pixelsPerCm }
}
