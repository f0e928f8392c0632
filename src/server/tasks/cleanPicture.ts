import sharp from 'sharp'
import { isReadable } from './sides'

/** The most pixels that a picture may have before it is made smaller, and its longest side afterwards. */
export const MOST_PIXELS = 50_000_000
const LONGEST_SIDE = 2400
const TOO_LARGE = 'The photo has more than 50 million pixels, or a side of over 24,000. Please make it smaller first.'
const QUALITY = 86

export interface CleanTask {
  bytes: Uint8Array
  /** px */
  longestSide?: number
}

/** The picture as it may be kept, or in words why it may not. */
export type CleanOutcome = { jpeg: Uint8Array } | { refused: string }

/**
 * A picture decoded, turned as its EXIF says, and encoded anew: nothing of the file that came stays, neither where it
 * was taken nor anything hidden in it. Of a moving picture the first is kept.
 */
export async function cleanPicture({ bytes, longestSide = LONGEST_SIDE }: CleanTask): Promise<CleanOutcome> {
  try {
    const { format, ...sides } = await sharp(bytes).metadata()
    if (!['jpeg', 'png', 'webp'].includes(format)) return { refused: 'This is not a JPEG, PNG or WebP photo.' }
    if (!isReadable(sides, MOST_PIXELS)) return { refused: TOO_LARGE }
    const jpeg = await sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
      .autoOrient()
      .resize({ width: longestSide, height: longestSide, fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality: QUALITY, mozjpeg: false })
      .toBuffer()
    return { jpeg: new Uint8Array(jpeg) }
  } catch (error) {
    const isHuge = error instanceof Error && /pixel limit/.test(error.message)
    return { refused: isHuge ? TOO_LARGE : 'This is not a JPEG, PNG or WebP photo, or it is damaged.' }
  }
}
