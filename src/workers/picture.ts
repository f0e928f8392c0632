import { transfer } from 'comlink'
import { serve } from './serve'
import { countThreads, MOST_READ_PX, NothingToCount, type ThreadCount } from '@/core/loupe/count'
import { NoShape, shadowOf, type Shadow } from '@/core/loupe/disc'
import { NEAR_THREADS, threadLines, type OverlayLine } from '@/core/loupe/overlay'
import { planeOf, type Plane } from '@/core/loupe/plane'
import { cutOut, type CutOut, type CutOutAsked } from '@/core/photo/cutOut'
import { NoCutOut } from '@/core/photo/types'
import { type Point } from '@/core/shapes/polygon'
import { shoot, type Shot } from '@/devices/standins/camera'

/** Largest picture, pixels: 24 megapixels and a little. */
const MOST_PIXELS = 25_000_000
/** Longest side of what is shown of the whole picture, pixels. */
const SHOWN = 1400

/** What goes wrong with the picture itself, in words for the person. */
class Unusable extends Error {}

/** A piece of a picture, ready to be laid on a canvas. */
export interface PictureView {
  bitmap: ImageBitmap
  /** Where it lies in the picture, pixels. */
  left: number
  top: number
  width: number
  height: number
}

/** What was counted, its lines in the picture, and the middle of it from near. */
export interface Counted {
  count: ThreadCount
  lines: [OverlayLine[], OverlayLine[]]
  view: PictureView
}

/** What can be done to a picture, each away from the page. What goes wrong is told in words for the person. */
const jobs = {
  open: (file: Blob) =>
    told(async (): Promise<PictureView> => {
      const picture = await opened(file)
      return shown(await view(picture, 0, 0, picture.width, picture.height, SHOWN))
    }),
  near: (file: Blob, sidePx: number) =>
    told(async (): Promise<PictureView> => shown(await middleOf(await opened(file), sidePx))),
  shadow: (file: Blob) =>
    told(async (): Promise<Shadow> => {
      const picture = await opened(file)
      return shadowOf(partOf(picture, 0, 0, picture.width, picture.height))
    }),
  count: (file: Blob, pixelsPerCm: number, onProgress: (share: number) => void) =>
    told(async (): Promise<Counted> => counted(await opened(file), pixelsPerCm, onProgress)),
  /** Cuts a thing out of the floor that it lies on; all places are in pixels of the whole picture. */
  cutOut: (file: Blob, asked: CutOutAsked) => told(async (): Promise<CutOut> => cutFrom(await opened(file), asked)),
  /** What the made-up camera takes, as a file like any other's. */
  shoot: (shot: Shot) => told(() => photographed(shot)),
}
export type PictureJobs = typeof jobs

serve(jobs)

async function told<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work()
  } catch (error) {
    const isTold = [Unusable, NothingToCount, NoShape, NoCutOut, RangeError].some((kind) => error instanceof kind)
    throw new Error(isTold ? (error as Error).message : 'We could not work on the photo.')
  }
}

async function counted(
  picture: ImageBitmap,
  pixelsPerCm: number,
  onProgress: (share: number) => void,
): Promise<Counted> {
  const [width, height] = [Math.min(MOST_READ_PX, picture.width), Math.min(MOST_READ_PX, picture.height)]
  const [left, top] = [Math.floor((picture.width - width) / 2), Math.floor((picture.height - height) / 2)]
  const plane = partOf(picture, left, top, width, height)
  const count = countThreads(plane, pixelsPerCm, onProgress)
  const reach = (NEAR_THREADS / 2 / Math.min(...count.sets.map(({ threadsPerCm }) => threadsPerCm))) * pixelsPerCm
  const [ends, picks] = count.sets.map((set) =>
    threadLines(plane, set, pixelsPerCm, reach).map(({ from, to }) => ({
      from: moved(from, left, top),
      to: moved(to, left, top),
    })),
  )
  const near = shown(await middleOf(picture, 2 * reach))
  return transfer({ count, lines: [ends!, picks!], view: near }, [near.bitmap])
}

const shown = (one: PictureView): PictureView => transfer(one, [one.bitmap])
const moved = ({ x, y }: { x: number; y: number }, left: number, top: number) => ({ x: x + left, y: y + top })

/** Turned as its EXIF says. */
async function opened(file: Blob): Promise<ImageBitmap> {
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(() => {
    throw new Unusable('We can’t open that photo. Please choose a JPEG, PNG or WebP file.')
  })
  if (bitmap.width * bitmap.height > MOST_PIXELS)
    throw new Unusable(
      `The photo has ${Math.round((bitmap.width * bitmap.height) / 1e6)} megapixels; the most is 24. ` +
        'Please make it smaller, or cut out the middle.',
    )
  return bitmap
}

function middleOf(picture: ImageBitmap, side: number): Promise<PictureView> {
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
): Promise<PictureView> {
  const by = Math.min(1, most / Math.max(width, height))
  const bitmap = await createImageBitmap(picture, left, top, width, height, {
    resizeWidth: Math.max(1, Math.round(width * by)),
    resizeHeight: Math.max(1, Math.round(height * by)),
    resizeQuality: 'medium',
  })
  return { bitmap, left, top, width, height }
}

/** Red, green, blue and opacity: what a canvas holds of a pixel. */
const RGBA = 4

/** Longest side of what a thing is cut out of, pixels: its edge is then drawn to a part of a pixel. */
const CUT_OUT_OF = 1600

async function cutFrom(picture: ImageBitmap, asked: CutOutAsked): Promise<CutOut> {
  const { bitmap } = await view(picture, 0, 0, picture.width, picture.height, CUT_OUT_OF)
  const by = bitmap.width / picture.width
  const smaller = ([x, y]: Point): Point => [x * by, y * by]
  const larger = ([x, y]: Point): Point => [x / by, y / by]
  const pixels = pixelsOf(bitmap, 0, 0, bitmap.width, bitmap.height)
  const found = cutOut(pixels, {
    ...asked,
    ...(asked.corners && { corners: asked.corners.map(smaller) }),
    ...(asked.inside && { inside: smaller(asked.inside) }),
  })
  return { ...found, corners: found.corners?.map(larger) ?? null, edge: found.edge.map(larger) }
}

function pixelsOf(picture: ImageBitmap, left: number, top: number, width: number, height: number): ImageData {
  const canvas = new OffscreenCanvas(width, height)
  const context = canvas.getContext('2d', { willReadFrequently: true })
  if (!context) throw new Unusable('This browser can’t read the pixels of a photo.')
  context.drawImage(picture, left, top, width, height, 0, 0, width, height)
  return context.getImageData(0, 0, width, height)
}

/** Brightness of a part of the picture. */
function partOf(picture: ImageBitmap, left: number, top: number, width: number, height: number): Plane {
  return planeOf(pixelsOf(picture, left, top, width, height).data, width, height, RGBA)
}

async function photographed(shot: Shot): Promise<{ file: Blob; pixelsPerCm: number }> {
  const { width, height, data, pixelsPerCm } = shoot(shot, Math.random)
  const canvas = new OffscreenCanvas(width, height)
  canvas.getContext('2d')!.putImageData(new ImageData(data, width, height), 0, 0)
  return { file: await canvas.convertToBlob({ type: 'image/png' }), pixelsPerCm }
}
