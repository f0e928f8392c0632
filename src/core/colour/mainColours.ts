import { oklabDistance, oklabOf, type Lab } from './oklab'

/** A colour of a picture and the share of it that it covers. */
export interface MainColour {
  hex: string
  share: number
}

/** Colours at most, and the least that a colour covers to be one. */
const MOST = 5
const LEAST_SHARE = 0.06
/** Two colours nearer than this are one; OKLab. */
const SAME = 0.07
const ROUNDS = 12

/**
 * The main colours of a picture, the broadest first: k-means in OKLab, begun from the colours that lie farthest apart,
 * so that the same picture always gives the same answer.
 * @param pixels red, green and blue, a few thousand of them: a picture made small
 */
export function mainColours(pixels: ArrayLike<number>, channels = 3): MainColour[] {
  const points: { lab: Lab; hex: string }[] = []
  for (let at = 0; at + 2 < pixels.length; at += channels) {
    const hex = hexOf(pixels[at]!, pixels[at + 1]!, pixels[at + 2]!)
    points.push({ lab: oklabOf(hex), hex })
  }
  if (points.length === 0) return []
  let centres = farApart(points.map(({ lab }) => lab))
  let members: (typeof points)[] = []
  for (let round = 0; round < ROUNDS; round++) {
    members = centres.map(() => [])
    for (const point of points) members[nearest(point.lab, centres)]!.push(point)
    centres = centres.map((centre, i) =>
      members[i]!.length > 0 ? meanOf(members[i]!.map(({ lab }) => lab)) : centre,
    )
  }
  return merged(
    centres.flatMap((centre, i) => {
      const own = members[i]!
      if (own.length === 0) return []
      // A colour that is there, not one between those that are.
      const { hex } =
        own[
          nearest(
            centre,
            own.map(({ lab }) => lab),
          )
        ]!
      return [{ hex, lab: centre, share: own.length / points.length }]
    }),
  )
}

function merged(found: { hex: string; lab: Lab; share: number }[]): MainColour[] {
  const kept: typeof found = []
  for (const one of found.sort((a, b) => b.share - a.share)) {
    const same = kept.find(({ lab }) => oklabDistance(lab, one.lab) < SAME)
    if (same) same.share += one.share
    else kept.push(one)
  }
  return kept
    .filter(({ share }, index) => index === 0 || share >= LEAST_SHARE)
    .sort((a, b) => b.share - a.share)
    .map(({ hex, share }) => ({ hex, share }))
}

/** The mean colour, and then each time the one farthest from those that are chosen. */
function farApart(labs: readonly Lab[]): Lab[] {
  const centres = [meanOf(labs)]
  while (centres.length < MOST) {
    let [farthest, most] = [labs[0]!, -1]
    for (const lab of labs) {
      const distance = Math.min(...centres.map((centre) => oklabDistance(lab, centre)))
      if (distance > most) [farthest, most] = [lab, distance]
    }
    if (most < SAME) break
    centres.push(farthest)
  }
  return centres
}

function nearest(lab: Lab, centres: readonly Lab[]): number {
  let [best, least] = [0, Number.POSITIVE_INFINITY]
  centres.forEach((centre, index) => {
    const distance = oklabDistance(lab, centre)
    if (distance < least) [best, least] = [index, distance]
  })
  return best
}

function meanOf(labs: readonly Lab[]): Lab {
  const meanOfEach = (i: 0 | 1 | 2) => labs.reduce((sum, lab) => sum + lab[i], 0) / labs.length
  return [meanOfEach(0), meanOfEach(1), meanOfEach(2)]
}

const hexOf = (...channels: number[]) =>
  `#${channels.map((value) => Math.round(value).toString(16).padStart(2, '0')).join('')}`
