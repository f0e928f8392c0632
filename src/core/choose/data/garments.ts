import { type Body, type Opacity } from '../../cloths/types'
import { type Garment } from '../../notebook/choosing'

/** What a garment asks of its main cloth where its pattern says nothing. */
export interface GarmentNeed {
  structure: 'woven' | 'knit' | 'either'
  /** g/m². */
  gsm: readonly [number, number]
  /** Across, per cent. */
  stretchWidth: readonly [number, number]
  body: readonly Body[]
  opacity: readonly Opacity[]
  /** Worn against the skin, so that how it takes up moisture counts. */
  nextToSkin: boolean
}

const woven = 'woven',
  knit = 'knit',
  either = 'either'
const flowing: readonly Body[] = ['fluid', 'soft']
const easy: readonly Body[] = ['fluid', 'soft', 'moderate']
const middling: readonly Body[] = ['soft', 'moderate']
const shaped: readonly Body[] = ['moderate', 'crisp']
const firm: readonly Body[] = ['moderate', 'crisp', 'stiff']
const any: readonly Body[] = ['fluid', 'soft', 'moderate', 'crisp', 'stiff']
const solid: readonly Opacity[] = ['opaque']
const veiled: readonly Opacity[] = ['semi-sheer', 'opaque']
const anyLight: readonly Opacity[] = ['sheer', 'semi-sheer', 'opaque']

/** Common practice; spans from memory of what pattern envelopes ask for. Columns as in `GarmentNeed`. */
export const garmentNeeds: Readonly<Record<Garment, GarmentNeed>> = {
  shirt: need(woven, 90, 170, 0, 8, ['soft', 'moderate', 'crisp'], solid, true),
  blouse: need(woven, 50, 150, 0, 10, easy, veiled, true),
  tunic: need(either, 90, 220, 0, 40, easy, solid, true),
  'woven-tee': need(woven, 80, 180, 0, 15, easy, solid, true),
  camisole: need(woven, 45, 130, 0, 10, flowing, veiled, true),
  'shirt-dress': need(woven, 100, 220, 0, 10, middling, solid, true),
  'dress-fitted': need(woven, 140, 300, 0, 30, shaped, solid, true),
  'dress-fluid': need(woven, 60, 180, 0, 20, flowing, veiled, true),
  'dress-fit-and-flare': need(woven, 110, 250, 0, 20, shaped, solid, true),
  'wrap-dress': need(either, 90, 240, 0, 60, easy, solid, true),
  'dress-bodycon': need(knit, 180, 350, 25, 120, middling, solid, true),
  gown: need(woven, 80, 320, 0, 15, ['fluid', 'soft', 'moderate', 'crisp'], solid, false),
  'skirt-pencil': need(either, 180, 380, 0, 45, shaped, solid, false),
  'skirt-a-line': need(woven, 140, 380, 0, 15, shaped, solid, false),
  'skirt-full': need(woven, 90, 260, 0, 10, ['soft', 'moderate', 'crisp'], solid, false),
  'skirt-tiered': need(woven, 60, 180, 0, 10, easy, veiled, false),
  trousers: need(woven, 160, 350, 0, 30, ['soft', 'moderate', 'crisp'], solid, false),
  jeans: need(woven, 270, 500, 0, 35, firm, solid, false),
  shorts: need(woven, 130, 330, 0, 15, ['soft', 'moderate', 'crisp'], solid, false),
  joggers: need(knit, 200, 360, 15, 80, middling, solid, true),
  leggings: need(knit, 180, 320, 40, 150, middling, solid, true),
  jumpsuit: need(woven, 130, 280, 0, 15, middling, solid, true),
  dungarees: need(woven, 180, 420, 0, 15, ['moderate', 'crisp', 'stiff'], solid, false),
  blazer: need(woven, 180, 380, 0, 15, shaped, solid, false),
  waistcoat: need(woven, 150, 380, 0, 15, shaped, solid, false),
  'jacket-casual': need(woven, 180, 420, 0, 20, firm, solid, false),
  'jacket-quilted': need(woven, 70, 220, 0, 10, ['soft', 'moderate', 'crisp'], solid, false),
  coat: need(woven, 320, 700, 0, 15, firm, solid, false),
  pyjamas: need(either, 80, 200, 0, 40, easy, solid, true),
  'dressing-gown': need(either, 80, 450, 0, 40, ['fluid', 'soft', 'moderate'], solid, true),
  apron: need(woven, 140, 380, 0, 10, firm, solid, false),
  'tee-knit': need(knit, 120, 240, 15, 80, flowing, solid, true),
  sweatshirt: need(knit, 200, 380, 12, 70, middling, solid, true),
  swimwear: need(knit, 160, 280, 50, 150, middling, solid, true),
  scarf: need(either, 20, 220, 0, 60, flowing, anyLight, true),
  bag: need(woven, 180, 600, 0, 8, firm, solid, false),
  cushion: need(woven, 120, 550, 0, 10, any, solid, false),
  curtain: need(woven, 60, 450, 0, 8, any, anyLight, false),
  tablecloth: need(woven, 120, 300, 0, 6, ['soft', 'moderate', 'crisp'], solid, false),
  quilt: need(woven, 90, 170, 0, 5, ['soft', 'moderate', 'crisp'], solid, false),
  toile: need(woven, 90, 250, 0, 10, any, anyLight, false),
}

function need(
  structure: GarmentNeed['structure'],
  gsmLow: number,
  gsmHigh: number,
  stretchLow: number,
  stretchHigh: number,
  body: readonly Body[],
  opacity: readonly Opacity[],
  nextToSkin: boolean,
): GarmentNeed {
  return { structure, gsm: [gsmLow, gsmHigh], stretchWidth: [stretchLow, stretchHigh], body, opacity, nextToSkin }
}
