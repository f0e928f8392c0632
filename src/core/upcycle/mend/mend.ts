import { deltaE } from '../../colour/colour'
import { careOf } from '../../fabric/care'
import { handlingOf } from '../../fabric/handling'
import { shrinkOf } from '../../fabric/shrink'
import { shareOf } from '../../fabric/mix'
import { type Offer } from '../../fabric/types'
import { type TextWithId } from '../../text/text'
import { fibresOf } from '../../fibres/traits'
import { type Damage } from './damages'
import { inMm } from '../../text/amounts'
import { phrase } from '../../text/text'

/** Something that is to be mended. */
export interface MendAsked {
  offer: Offer
  damage: Damage
  /** Across, or along a tear or a seam, mm. */
  mm: number
}

interface MendRule extends TextWithId {
  when: (asked: MendAsked & { isKnit: boolean; isFine: boolean; isHeavy: boolean; bears: number }) => boolean
}

/** Ways of mending, the ones that show least first; the first that fits is advised. Common practice. */
const WAYS: readonly MendRule[] = [
  {
    id: 'seam-again',
    when: ({ damage }) => damage === 'seam',
    text:
      'Sew the seam again, starting and ending on sound stitches; where its edge frayed, put a tape ' + 'under it.',
  },
  {
    id: 'seam-stay',
    when: ({ damage, isKnit }) => damage === 'seam' && isKnit,
    text: 'In a knit use a narrow zigzag and a stay tape, so that it stretches without breaking again.',
  },
  {
    id: 'swiss-darn',
    when: ({ damage, isKnit, mm, isFine }) => isKnit && !isFine && damage === 'worn' && mm <= 60,
    text: 'Follow the loops with matching yarn (Swiss darning) before it breaks through.',
  },
  {
    id: 'needle-felt',
    when: ({ offer, damage }) =>
      damage === 'hole' && shareOf(offer, fibresOf('felts')) >= 0.7 && handlesMilled(offer),
    text:
      'Felt a little wool into it with a felting needle, on a sponge: keep your fingers away from ' + 'the needle.',
  },
  {
    id: 'knitted-darn',
    when: ({ damage, mm, isKnit, isFine }) => damage === 'hole' && isKnit && !isFine && mm <= 40,
    text:
      'Catch the open loops, and rebuild them with matching yarn in Swiss darning over tacked ' +
      'threads: it stretches like the knit.',
  },
  {
    id: 'jersey-patch',
    when: ({ damage, isKnit }) => (damage === 'hole' || damage === 'tear') && isKnit,
    text:
      'A patch of jersey behind it, its stretch the same way, sewn with a narrow zigzag or by hand with herringbone ' +
      'stitch. A stiff woven darn would tear out at its edges.',
  },
  {
    id: 'woven-darn',
    when: ({ damage, mm, isHeavy, isKnit }) => !isKnit && damage === 'hole' && mm <= (isHeavy ? 20 : 12),
    text: 'A woven darn with threads drawn from its own seam or hem, a little beyond the hole on all sides.',
  },
  {
    id: 'fishbone',
    when: ({ damage, isKnit }) => damage === 'tear' && !isKnit,
    text: 'Draw the edges together with fishbone stitches, no tighter than they lie; then a thin patch behind.',
  },
  {
    id: 'patch-behind',
    when: ({ damage, isFine, isKnit }) =>
      (damage === 'worn' || (!isKnit && (damage === 'hole' || damage === 'tear'))) && !isFine,
    text: phrase`Put a patch behind it, with matching grain, ${inMm(15)} beyond the sound fabric; turn the
      hole’s edges under and sew them down, or sew rows of running stitch through both.`,
  },
  {
    id: 'machine-darn',
    when: ({ damage, isHeavy, isKnit }) => damage === 'worn' && isHeavy && !isKnit,
    text: 'Rows to and fro by machine over a backing, along the warp, in two thicknesses of thread colour.',
  },
  {
    id: 'sheer-tulle',
    when: ({ damage, isFine }) => damage !== 'seam' && isFine,
    text: 'On fine or sheer fabric use a piece of tulle or organza behind, held with the finest thread.',
  },
  {
    id: 'fusible-behind',
    when: ({ damage, bears }) => damage !== 'seam' && bears >= 2,
    text: 'If it must be quick: a fusible web and a thin patch behind; it stiffens, and hot washes undo it.',
  },
  {
    id: 'patch-on-top',
    when: ({ damage, mm }) => damage !== 'seam' && mm > 80,
    text: 'It is large: put a patch on top that is meant to be seen, or a new panel from seam to seam.',
  },
]

/** g/m² under which cloth is fine for mending, and from which it is heavy. From memory. */
const FINE_UNDER = 90
const HEAVY_FROM = 240

function handlesMilled({ called = '', construction }: Offer): boolean {
  return (
    construction?.value === 'felted' ||
    construction?.value === 'knit' ||
    /melton|felt|loden|boiled|coating/.test(called)
  )
}

/** Ways of mending it, the first advised. */
export function mendWays(asked: MendAsked): TextWithId[] {
  const gsm = asked.offer.gsm?.value.value ?? 150
  const handling = handlingOf(asked.offer)
  const c = {
    ...asked,
    isKnit: asked.offer.construction?.value === 'knit',
    isFine: gsm < FINE_UNDER || handling.includes('sheer') || handling.includes('delicate'),
    isHeavy: gsm >= HEAVY_FROM,
    bears: careOf(asked.offer).ironDots,
  }
  return WAYS.filter(({ when }) => when(c)).map(({ id, text }) => ({ id, text }))
}

/** How well a cloth goes in as a patch. */
export interface PatchFit {
  /** 0 … 1. */
  fit: number
  /** What speaks for it, and against. */
  for: string[]
  against: string[]
}

/** Each of what is compared, and how much of the fit hangs on it. Ours, by what people look at first. */
const WEIGHTS = { fibre: 0.3, weight: 0.22, structure: 0.18, colour: 0.18, washed: 0.12 }
/** A patch is as heavy as its ground or lighter; CIEDE2000 at which two colours are one, and at which they are two. */
const HEAVIER_MOST = 1.15
const LIGHTER_LEAST = 0.55
const SAME_COLOUR = 4
const OTHER_COLOUR = 30
/** Per cent points of shrinkage still to come by which they may differ. */
const SHRINKS_ALIKE = 1

/** Whether a cloth goes with another as its patch: fibre, weight, weave, colour, and whether both were washed. */
export function patchFit(ground: Offer, patch: Offer): PatchFit {
  const told: PatchFit = { fit: 0, for: [], against: [] }
  const say = (weight: number, share: number, good: string, bad: string) => {
    told.fit += weight * share
    if (share >= 0.75) told.for.push(good)
    else if (share < 0.4) told.against.push(bad)
  }
  const common = (ground.mix ?? []).reduce(
    (sum, { fibre, fraction }) => sum + Math.min(fraction.value, shareOf(patch, [fibre])),
    0,
  )
  say(WEIGHTS.fibre, ground.mix?.length && patch.mix?.length ? common : 0.5, 'the same fibre', 'another fibre')
  const ratio = ground.gsm && patch.gsm ? patch.gsm.value.value / ground.gsm.value.value : null
  const weight =
    ratio === null ? 0.5 : ratio > HEAVIER_MOST ? Math.max(0, 1 - (ratio - HEAVIER_MOST) * 2) : lightFit(ratio)
  say(
    WEIGHTS.weight,
    weight,
    'as heavy or a little lighter',
    ratio !== null && ratio > 1 ? 'heavier than the fabric' : 'much lighter',
  )
  const [a, b] = [ground.construction?.value, patch.construction?.value]
  const structure = !a || !b ? 0.5 : a !== b ? 0 : ground.interlacing === patch.interlacing ? 1 : 0.7
  say(WEIGHTS.structure, structure, 'same weave', 'different weave')
  const apart = ground.colour && patch.colour ? deltaE(ground.colour, patch.colour) : null
  const colour =
    apart === null ? 0.5 : Math.min(1, Math.max(0, 1 - (apart - SAME_COLOUR) / (OTHER_COLOUR - SAME_COLOUR)))
  say(WEIGHTS.colour, colour, 'similar colour', 'different colour')
  const shrinks = Math.abs(shrinkOf(ground).value.length.value - shrinkOf(patch).value.length.value)
  say(
    WEIGHTS.washed,
    shrinks <= SHRINKS_ALIKE ? 1 : shrinks < 3 ? 0.5 : 0,
    'shrinks alike',
    'wash it first: it would pucker',
  )
  return told
}

const lightFit = (ratio: number) => (ratio >= LIGHTER_LEAST ? 1 : Math.max(0, ratio / LIGHTER_LEAST - 0.2))
