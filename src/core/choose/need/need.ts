import { type GarmentNeed } from './garmentNeed'
import { garmentNeeds } from './garments'
import { roleNeeds } from './roles'
import { RELIES_ON_STRETCH } from '../fit/fit'
import { type Purpose } from './purpose'
import { type Need } from '../../notebook/schemas/need'
import { type Detail, type Garment, type Season } from '../../vocabulary/choosing'

/** A need with nothing left out. */
export interface FullNeed extends GarmentNeed {
  garment: Garment | undefined
  /** Judged alike in the heat and in the cold. */
  anyWeather?: boolean
  /** g/m² that the pattern asks for: `gsm` is widened for a net or a skin, and this is not. */
  askedGsm: readonly [number, number]
  stretchLength: readonly [number, number]
  details: readonly Detail[]
  season: Season
  purposes: readonly Purpose[]
  /** What the pattern says beyond its garment; as it stands there. */
  wishes: Pick<
    Need,
    'pile' | 'called' | 'fibres' | 'avoid' | 'care' | 'creases' | 'fastness' | 'print' | 'recoveryPercent'
  >
}

/** For a pattern that says neither what it makes nor what it wants: anything between a scarf and a coat. */
const ANYTHING: GarmentNeed = {
  structure: 'either',
  gsm: [40, 500],
  stretchWidth: [0, 100],
  body: ['fluid', 'soft', 'moderate', 'crisp', 'stiff'],
  opacity: ['semi-sheer', 'opaque'],
  nextToSkin: false,
}

/** Things that no arm and no leg goes through. */
const NOT_SLIPPED_ON: readonly Garment[] = [
  'apron',
  'bag',
  'cushion',
  'curtain',
  'duvet-cover',
  'hat',
  'napkin',
  'pillowcase',
  'pouch',
  'quilt',
  'roman-blind',
  'rucksack',
  'scarf',
  'stage-drape',
  'tablecloth',
  'towel',
]

/** What the garment is for is asked of its own fabric; a lining has to slip, and all that swims swims. */
function purposesOf({ garment, role = 'main' }: Need, { purposes = [], stretchWidth }: GarmentNeed): Purpose[] {
  if (role === 'main' || role === 'contrast') return [...purposes]
  const swims = purposes.filter((one) => one === 'swims')
  const stays = garment !== undefined && NOT_SLIPPED_ON.includes(garment)
  return role === 'lining' && !stays && stretchWidth[0] < RELIES_ON_STRETCH ? [...swims, 'slides'] : swims
}

/** A lining gives at least so much of what its garment gives; common practice. */
const LINING_GIVES = 0.6

/** g/m² of what is worn that a lining of habotai does for, and that one as thick as a coat’s goes into. */
const LIGHT_TO = 180
const HEAVY_TO = 350

/** What a lining weighs, g/m², by what its garment may weigh; common practice, spans from memory. */
function liningWeights([, most]: readonly [number, number]): readonly [number, number] {
  if (most <= LIGHT_TO) return [30, 110]
  return most >= HEAVY_TO ? [55, 165] : [45, 130]
}

/** The need with what it leaves out filled in from the garment, the role and the details. */
export function fullNeed(need: Need): FullNeed {
  // A detail named twice is there once.
  const details = [
    ...new Set([...(need.details ?? []), ...(need.roles?.includes('lining') ? ['lined' as const] : [])]),
  ]
  const ofGarment = need.garment ? garmentNeeds[need.garment] : ANYTHING
  const ofRole = { ...(need.role ? roleNeeds[need.role] : undefined) }
  if (need.role === 'lining') ofRole.gsm = liningWeights(ofGarment.gsm)
  // The lining of what has to stretch stretches too.
  if (need.role === 'lining' && ofGarment.stretchWidth[0] >= RELIES_ON_STRETCH) {
    ofRole.structure = ofGarment.structure
    ofRole.stretchWidth = [Math.max(RELIES_ON_STRETCH, ofGarment.stretchWidth[0] * LINING_GIVES), 200]
    ofRole.gsm = [50, 220]
  }
  const base = { ...ofGarment, ...ofRole }
  const lined = details.includes('lined')
  return {
    garment: need.garment,
    structure: need.structure ?? base.structure,
    gsm: need.gsm ?? base.gsm,
    askedGsm: need.gsm ?? base.gsm,
    stretchWidth: need.stretchPercent?.width ?? base.stretchWidth,
    // Along the length hardly any pattern asks for stretch; as much as across does no harm.
    stretchLength: need.stretchPercent?.length ?? [0, Math.max(20, base.stretchWidth[1])],
    body: need.body ?? base.body,
    // A lining takes care of the light behind.
    opacity: need.opacity ?? (lined ? ['sheer', 'semi-sheer', 'opaque'] : base.opacity),
    nextToSkin: base.nextToSkin && !lined,
    purposes: purposesOf(need, ofGarment),
    isNightwear: base.isNightwear ?? false,
    anyConstruction: base.anyConstruction ?? false,
    details,
    season: need.season ?? 'mild',
    wishes: {
      pile: need.pile,
      called: need.called,
      fibres: need.fibres,
      avoid: need.avoid,
      care: need.care,
      creases: need.creases,
      fastness: need.fastness,
      print: need.print,
      recoveryPercent: need.recoveryPercent,
    },
  }
}
