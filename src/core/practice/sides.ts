import { seededRandom } from '../numbers/seededRandom'
import { type Interlacing } from '../vocabulary/cloth'
import { type SideAsk, type SideChoice } from '../vocabulary/sides'
import { nextInOrder, type Begun } from './schedule'
import { itemAt, mustHave } from '../lists/items'
import { type Phrase, phrase } from '../text/text'
import { inMm, perCm } from '../text/amounts'

/** The yarns of one set as a question draws them. */
export interface SideYarn {
  /** Threads a centimetre. */
  perCm: number
  /** Of its spacing, how much a thread fills, 0 … 1. */
  fill: number
  /** How uneven it is, and how much fibre stands off it, 0 … 1. */
  slub: number
  hair: number
  isStriped: boolean
}

/** A cloth as it is shown: as it lies, never what it is called. */
export type SideScene =
  | { is: 'threads'; warp: SideYarn; weft: SideYarn; isTurned: boolean }
  | { is: 'sides'; weave: Interlacing; isPrinted: boolean; sheen: number; hasEnds: boolean; face: 'a' | 'b' }
  | { is: 'pile'; isRibbed: boolean; up: 'a' | 'b' }
  /** How far the weft runs ahead at one edge, and in the middle, as shares of the width. */
  | { is: 'weft'; skew: number; bow: number }
  /** Light comes through at these places: shares of the picture. */
  | { is: 'light'; thin: readonly SideSpot[]; holes: readonly SideSpot[]; line: number | null }

export interface SideSpot {
  x: number
  y: number
  radius: number
}

/** One thing to tell again and again: another cloth each time. */
export interface SideTopic {
  id: string
  ask: SideAsk
  /** What tells it. Common practice. */
  because: string
}

/** All that is practised, the easiest first. */
export const sideTopics: readonly SideTopic[] = [
  {
    id: 'side:face-print',
    ask: 'face',
    because: 'A print is clear and bright on the right side, and pale where it came through to the back.',
  },
  {
    id: 'side:warp-stripe',
    ask: 'warp',
    because: 'Woven stripes nearly always run along the warp: it is set up once, and the weft need not change.',
  },
  {
    id: 'side:light-holes',
    ask: 'light',
    because: 'A hole lets light through sharply. Look along folds and hems, where moths start.',
  },
  {
    id: 'side:face-twill',
    ask: 'face',
    because: 'On the right side the diagonal of a twill stands out; on the back it is blurred by the other set.',
  },
  {
    id: 'side:grain-skew',
    ask: 'grain',
    because:
      'One end of a torn or pulled thread runs ahead of the other: pull the short corners, or cut by ' +
      'the thread.',
  },
  {
    id: 'side:warp-closer',
    ask: 'warp',
    because: 'There are usually more warp threads per cm than weft threads.',
  },
  {
    id: 'side:nap-corduroy',
    ask: 'nap',
    because:
      'With the pile running up you look into it: the colour is deeper. It feels smooth when you ' +
      'stroke it upwards.',
  },
  {
    id: 'side:light-thin',
    ask: 'light',
    because: 'A worn place glows softly, without an edge: its yarns are thinner, but none is missing yet.',
  },
  {
    id: 'side:face-satin',
    ask: 'face',
    because: 'The long floats that catch the light are on the right side.',
  },
  {
    id: 'side:grain-bow',
    ask: 'grain',
    because:
      'The weft runs ahead or lags in the middle: pulling at corners does not help, but steam and ' + 'patience may.',
  },
  {
    id: 'side:warp-slub',
    ask: 'warp',
    because:
      'Warp yarn has to be strong on the loom: it is smooth and tightly twisted. Slubs and soft yarn ' +
      'are in the weft.',
  },
  {
    id: 'side:light-line',
    ask: 'light',
    because: 'A row of pinpricks of light is an old seam or a hem let down: the holes may stay after pressing.',
  },
  {
    id: 'side:face-ends',
    ask: 'face',
    because: 'Knots, darns and loose ends are turned to the back by the weaver.',
  },
  {
    id: 'side:nap-velvet',
    ask: 'nap',
    because:
      'With the pile running up you look into it: the colour is deeper. It feels smooth when you ' +
      'stroke it upwards.',
  },
  {
    id: 'side:grain-straight',
    ask: 'grain',
    because:
      'The thread runs square to the selvedge from edge to edge: the fabric is on grain, and needs ' +
      'no straightening.',
  },
  {
    id: 'side:light-whole',
    ask: 'light',
    because: 'The light comes through evenly, between all yarns alike.',
  },
]

const byId = new Map(sideTopics.map((topic) => [topic.id, topic]))
const inOrder = sideTopics.map(({ id }) => id)

export function sideTopicById(id: string): SideTopic | undefined {
  return byId.get(id)
}

/** What is shown, and what is right. */
export interface SideQuestion {
  scene: SideScene
  answer: SideChoice
}

/** A question of a topic: another cloth for each seed, the same for the same. */
export function sideQuestion({ id }: SideTopic, seed: number): SideQuestion {
  const chance = seededRandom(seed)
  const between = (low: number, high: number) => low + (high - low) * chance()
  const name = id.slice('side:'.length)
  if (name.startsWith('warp-')) return warpQuestion(name, chance, between)
  if (name.startsWith('face-')) return faceQuestion(name, chance)
  if (name.startsWith('nap-')) {
    const up = chance() < 0.5 ? 'a' : 'b'
    return { scene: { is: 'pile', isRibbed: name === 'nap-corduroy', up }, answer: up }
  }
  if (name.startsWith('grain-')) return weftQuestion(name, chance, between)
  return lightQuestion(name, chance, between)
}

type Between = (low: number, high: number) => number

/** So much closer set than the weft, at least: what a person sees without counting. Ours. */
const CLOSER = [1.35, 1.9] as const

function warpQuestion(name: string, chance: () => number, between: Between): SideQuestion {
  const isTurned = chance() < 0.5
  const perCm = between(14, 22)
  const smooth = { fill: 0.86, slub: 0, hair: 0.1, isStriped: false }
  const ratio = name === 'warp-closer' ? between(...CLOSER) : between(0.95, 1.05)
  const warp = { ...smooth, perCm, isStriped: name === 'warp-stripe' }
  const isSoft = name === 'warp-slub'
  const weft = { ...smooth, perCm: perCm / ratio, ...(isSoft && { slub: between(0.35, 0.6), hair: 0.8 }) }
  return { scene: { is: 'threads', warp, weft, isTurned }, answer: isTurned ? 'across' : 'up-and-down' }
}

/** The weave in which each is seen best. */
const WEAVES: Readonly<Record<string, readonly Interlacing[]>> = {
  'face-print': ['plain', 'twill'],
  'face-twill': ['twill'],
  'face-satin': ['satin'],
  'face-ends': ['plain', 'dobby'],
}

function faceQuestion(name: string, chance: () => number): SideQuestion {
  const face = chance() < 0.5 ? 'a' : 'b'
  const weaves = mustHave(WEAVES[name])
  const weave = itemAt(weaves, Math.floor(chance() * weaves.length))
  const sheen = name === 'face-satin' ? 0.8 : 0.25
  const scene: SideScene = {
    is: 'sides',
    weave,
    isPrinted: name === 'face-print',
    sheen,
    hasEnds: name === 'face-ends',
    face,
  }
  return { scene, answer: face }
}

/** Off grain from here on can be seen, and beyond this nobody sells it, as a share of the width. Ours. */
const OFF_GRAIN = [0.045, 0.11] as const
const SQUARE = 0.006

function weftQuestion(name: string, chance: () => number, between: Between): SideQuestion {
  const way = chance() < 0.5 ? 1 : -1
  const little = () => between(-SQUARE, SQUARE)
  const off = way * between(...OFF_GRAIN)
  if (name === 'grain-skew') return { scene: { is: 'weft', skew: off, bow: little() }, answer: 'skewed' }
  if (name === 'grain-bow') return { scene: { is: 'weft', skew: little(), bow: off }, answer: 'bowed' }
  return { scene: { is: 'weft', skew: little(), bow: little() }, answer: 'straight' }
}

function lightQuestion(name: string, chance: () => number, between: Between): SideQuestion {
  const spot = (low: number, high: number): SideSpot => ({
    x: between(0.2, 0.8),
    y: between(0.2, 0.8),
    radius: between(low, high),
  })
  const none = { is: 'light', thin: [], holes: [], line: null } as const
  if (name === 'light-thin') return { scene: { ...none, thin: [spot(0.18, 0.28)] }, answer: 'thin' }
  if (name === 'light-line') return { scene: { ...none, line: between(0.25, 0.75) }, answer: 'line' }
  if (name !== 'light-holes') return { scene: none, answer: 'whole' }
  const holes = Array.from({ length: 2 + Math.floor(chance() * 3) }, () => spot(0.014, 0.035))
  return { scene: { ...none, holes }, answer: 'holes' }
}

/** The next thing to tell. @param at ISO 8601 */
export function nextSide(begun: readonly Begun[], at: string, seed: number): SideTopic {
  return byId.get(nextInOrder(begun, inOrder, at, seed) ?? '') ?? itemAt(sideTopics, 0)
}

/** What somebody who cannot see the picture is told of it: what is there, not what it means. */
export function sceneTold(scene: SideScene): Phrase {
  if (scene.is === 'threads') return threadsTold(scene)
  if (scene.is === 'sides') return sidesTold(scene)
  if (scene.is === 'pile') {
    const [deep, pale] = scene.up === 'a' ? ['A', 'B'] : ['B', 'A']
    return (
      `Two panels of the same ${scene.isRibbed ? 'ribbed' : 'smooth'} pile: ${deep} looks deeper, ` + `${pale} paler.`
    )
  }
  if (scene.is === 'weft') {
    const mm = (share: number) => Math.abs(Math.round(share * 1000))
    return phrase`One coloured weft thread across a metre of fabric: its right end is ${inMm(mm(scene.skew))} off
      its left end, and its middle ${inMm(mm(scene.bow))} off the line between the two.`
  }
  const { thin, holes, line } = scene
  if (thin.length > 0) return 'Fabric against a window: a soft bright place without an edge, its threads unbroken.'
  if (holes.length > 0) return `Fabric against a window: ${holes.length} sharp bright places, with threads missing.`
  if (line !== null) return 'Fabric against a window: a row of bright pinpricks, evenly spaced.'
  return 'Fabric against a window: the light is the same everywhere.'
}

function threadsTold({ warp, weft, isTurned }: Extract<SideScene, { is: 'threads' }>): Phrase {
  const [up, across] = isTurned ? [weft, warp] : [warp, weft]
  const of = ({ perCm: count, slub, isStriped }: SideYarn) =>
    phrase`${perCm(Math.round(count))}, ${slub > 0 ? 'uneven and soft' : 'smooth'}${
      isStriped ? ', in two colours by turns' : ''
    }`
  return phrase`Fabric seen close. Threads up and down: ${of(up)}. Threads from side to side: ${of(across)}.`
}

function sidesTold({ isPrinted, hasEnds, sheen, face }: Extract<SideScene, { is: 'sides' }>): string {
  const [right, wrong] = face === 'a' ? ['A', 'B'] : ['B', 'A']
  if (isPrinted) return `Two sides of one fabric: the print is strong on ${right} and pale on ${wrong}.`
  if (hasEnds) return `Two sides of one fabric: ${wrong} has loose ends and a knot, ${right} has none.`
  if (sheen > 0.5) return `Two sides of one fabric: ${right} shines along its floats, ${wrong} is dull.`
  return `Two sides of one fabric: on ${right} a diagonal stands out, on ${wrong} it is broken up.`
}
