import { type Garment } from '@/core/vocabulary/choosing'

/** How a thing is cut, in points of a drawing 300 wide, its middle at 150; heights from the top. */
export interface WornShape {
  kind: 'worn'
  /** Half widths at shoulder, chest, waist and hem. */
  shoulder?: number
  chest?: number
  waist: number
  hem: number
  /** Where it begins and ends: 70 is the shoulder, 185 the waist, 235 the hip, 300 the knee, 385 the ankle. */
  top: number
  foot: number
  sleeve?: 'short' | 'long' | 'wide'
  /** Two legs from here down. */
  legsFrom?: number
  /** How much a stiff cloth spreads its foot: 0 not at all, 1 as a full skirt. */
  spreads: number
  open?: true
  hood?: true
}

/** A thing that nobody wears. */
export interface FlatShape {
  kind: 'flat'
  width: number
  height: number
  round?: number
  handles?: true
  /** It hangs in folds. */
  hangs?: true
}

export type GarmentShape = WornShape | FlatShape

const upper = (over: Partial<WornShape>): WornShape => ({
  kind: 'worn',
  shoulder: 48,
  chest: 46,
  waist: 43,
  hem: 46,
  top: 70,
  foot: 235,
  spreads: 0.2,
  ...over,
})
const skirt = (over: Partial<WornShape>): WornShape => ({
  kind: 'worn',
  waist: 34,
  hem: 60,
  top: 150,
  foot: 310,
  spreads: 0.7,
  ...over,
})
const legs = (over: Partial<WornShape>): WornShape => ({
  kind: 'worn',
  waist: 36,
  hem: 50,
  top: 110,
  foot: 370,
  legsFrom: 175,
  spreads: 0.2,
  ...over,
})
const flat = (width: number, height: number, over: Partial<FlatShape> = {}): FlatShape => ({
  kind: 'flat',
  width,
  height,
  ...over,
})

const DRESS = { foot: 320, hem: 66, waist: 40, spreads: 0.6 }

/** Every thing that is made, as a simple figure of it. */
export const garmentShapes: Readonly<Record<Garment, GarmentShape>> = {
  shirt: upper({ sleeve: 'long', open: true }),
  blouse: upper({ sleeve: 'long', hem: 50 }),
  tunic: upper({ sleeve: 'short', foot: 275, hem: 58, spreads: 0.4 }),
  'woven-tee': upper({ sleeve: 'short' }),
  camisole: upper({ shoulder: 26, waist: 42, hem: 46 }),
  'shirt-dress': upper({ ...DRESS, sleeve: 'short', open: true }),
  'dress-fitted': upper({ ...DRESS, hem: 48, spreads: 0.2 }),
  'dress-fluid': upper({ ...DRESS, foot: 345, hem: 70, sleeve: 'short' }),
  'dress-fit-and-flare': upper({ ...DRESS, foot: 300, hem: 84, waist: 36, spreads: 1 }),
  'wrap-dress': upper({ ...DRESS, sleeve: 'short' }),
  'dress-bodycon': upper({ ...DRESS, foot: 300, hem: 40, waist: 36, spreads: 0 }),
  gown: upper({ ...DRESS, foot: 385, hem: 84, waist: 37, shoulder: 34, spreads: 0.9 }),
  'skirt-pencil': skirt({ hem: 42, spreads: 0.1 }),
  'skirt-a-line': skirt({}),
  'skirt-full': skirt({ hem: 92, spreads: 1 }),
  'skirt-tiered': skirt({ hem: 84, foot: 340, spreads: 0.9 }),
  'skirt-wrap': skirt({ hem: 62, open: true }),
  trousers: legs({}),
  jeans: legs({ hem: 42 }),
  shorts: legs({ foot: 250, hem: 50 }),
  joggers: legs({ hem: 40 }),
  leggings: legs({ hem: 28, waist: 32, spreads: 0 }),
  culottes: legs({ foot: 310, hem: 74, spreads: 0.6 }),
  jumpsuit: upper({ waist: 38, hem: 50, foot: 380, legsFrom: 240, sleeve: 'short' }),
  dungarees: upper({ shoulder: 30, chest: 36, waist: 40, hem: 50, foot: 380, legsFrom: 240 }),
  blazer: upper({ sleeve: 'long', foot: 245, open: true, shoulder: 52 }),
  waistcoat: upper({ foot: 215, open: true, shoulder: 40 }),
  'jacket-casual': upper({ sleeve: 'long', foot: 230, open: true, shoulder: 52, hem: 50 }),
  'jacket-quilted': upper({ sleeve: 'long', foot: 235, open: true, shoulder: 54, chest: 52, waist: 52, hem: 56 }),
  coat: upper({ sleeve: 'long', foot: 330, open: true, shoulder: 54, chest: 52, hem: 66, spreads: 0.6 }),
  raincoat: upper({ sleeve: 'long', foot: 310, open: true, shoulder: 54, chest: 52, waist: 52, hem: 64, hood: true }),
  'kimono-jacket': upper({ sleeve: 'wide', foot: 255, open: true, waist: 50, hem: 54 }),
  cardigan: upper({ sleeve: 'long', foot: 235, open: true }),
  hoodie: upper({ sleeve: 'long', hood: true, chest: 50, waist: 50, hem: 50 }),
  sweatshirt: upper({ sleeve: 'long', chest: 50, waist: 50, hem: 50 }),
  'tee-knit': upper({ sleeve: 'short' }),
  'vest-top': upper({ shoulder: 30 }),
  pyjamas: upper({ sleeve: 'long', foot: 380, legsFrom: 245, waist: 46, hem: 52, open: true }),
  nightdress: upper({ ...DRESS, foot: 350, waist: 48, hem: 66, sleeve: 'short' }),
  'dressing-gown': upper({ sleeve: 'wide', foot: 340, open: true, waist: 48, hem: 62 }),
  kaftan: upper({ sleeve: 'wide', foot: 360, waist: 56, hem: 76, spreads: 0.5 }),
  underwear: legs({ top: 170, foot: 225, hem: 40, legsFrom: 205 }),
  swimwear: upper({ shoulder: 24, waist: 36, hem: 40, foot: 235, spreads: 0 }),
  cape: upper({ shoulder: 34, chest: 74, waist: 84, hem: 92, foot: 270, open: true, spreads: 0.6 }),
  cloak: upper({ shoulder: 36, chest: 70, waist: 80, hem: 98, foot: 375, open: true, hood: true, spreads: 0.6 }),
  corset: upper({ shoulder: 40, top: 95, chest: 44, waist: 32, hem: 46, foot: 220, spreads: 0 }),
  doublet: upper({ sleeve: 'long', foot: 230, open: true, hem: 58, waist: 40 }),
  tabard: upper({ foot: 300, shoulder: 44, chest: 44, waist: 46, hem: 50 }),
  tutu: skirt({ hem: 118, foot: 205, spreads: 0.4 }),
  apron: upper({ shoulder: 28, top: 95, chest: 30, waist: 50, hem: 56, foot: 320, spreads: 0.3 }),
  toile: upper({ foot: 300, hem: 56, sleeve: 'short' }),
  'puppet-clothes': upper({ sleeve: 'wide', foot: 300, hem: 78, spreads: 0.5 }),
  scarf: flat(60, 300, { hangs: true }),
  hat: flat(150, 110, { round: 70 }),
  bag: flat(170, 180, { handles: true }),
  pouch: flat(170, 110, { round: 8 }),
  rucksack: flat(160, 210, { round: 40, handles: true }),
  cushion: flat(200, 190, { round: 26 }),
  pillowcase: flat(230, 150, { round: 14 }),
  'duvet-cover': flat(230, 260),
  napkin: flat(180, 180),
  towel: flat(150, 260, { hangs: true }),
  curtain: flat(190, 320, { hangs: true }),
  'stage-drape': flat(240, 330, { hangs: true }),
  'roman-blind': flat(190, 250),
  tablecloth: flat(240, 220, { hangs: true }),
  quilt: flat(230, 270),
}
