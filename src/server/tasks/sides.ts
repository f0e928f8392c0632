import { type Metadata } from 'sharp'

/** No picture has a longer side, px: one that is a hair wide and a mile long takes a minute to decode. */
const LONGEST_SIDE = 24_000

/** Whether a picture has sides that are decoded. @param most pixels that it may have */
export function isReadable({ width = 0, height = 0 }: Pick<Metadata, 'width' | 'height'>, most: number): boolean {
  return Math.max(width, height) <= LONGEST_SIDE && width * height <= most
}
