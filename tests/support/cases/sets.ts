import { type Described } from '@/core/fabric/offer'
import { type Interfacing } from '@/core/choose/set/types'
import { type Need } from '@/core/notebook/schemas/need'

/** Cloths put together, and whether somebody who sews would. Written apart from the rules; common practice. */
export interface ToldSet {
  what: string
  need?: Need
  main: Described
  lining?: Described
  interfacing?: Interfacing
  wadding?: { gsm?: number; loftMm?: number; fibres?: Described['fibres'] }
  goes: boolean
  /** What speaks against it, where something does. */
  because?: string
}

export const toldSets: readonly ToldSet[] = [
  {
    what: 'a wool coat with a cupro lining and sewn-in hair canvas',
    need: { garment: 'coat' },
    main: { called: 'wool coating', gsm: 420, fibres: ['wool'] },
    lining: { called: 'lining', gsm: 90, fibres: ['cupro'] },
    interfacing: { gsm: 200, construction: 'woven', attach: 'sew-in' },
    goes: true,
  },
  {
    what: 'a wool skirt with an acetate lining',
    need: { garment: 'skirt-pencil' },
    main: { called: 'wool suiting', gsm: 240, fibres: ['wool'] },
    lining: { called: 'lining', gsm: 75, fibres: ['acetate'] },
    goes: true,
  },
  {
    what: 'a wool jacket lined with heavy cotton duck',
    need: { garment: 'blazer' },
    main: { called: 'wool suiting', gsm: 230, fibres: ['wool'] },
    lining: { called: 'duck', gsm: 340, fibres: ['cotton'] },
    goes: false,
    because: 'weight',
  },
  {
    what: 'a shirt of poplin with a light fusible',
    need: { garment: 'shirt', details: ['collar', 'cuffs'] },
    main: { called: 'poplin', gsm: 120, fibres: ['cotton'], washed: true },
    interfacing: { gsm: 50, construction: 'nonwoven', attach: 'fusible' },
    goes: true,
  },
  {
    what: 'a shirt of lawn with a stiff bag fusible',
    need: { garment: 'shirt', details: ['collar', 'cuffs'] },
    main: { called: 'cotton lawn', gsm: 90, fibres: ['cotton'], washed: true },
    interfacing: { gsm: 220, construction: 'nonwoven', attach: 'fusible' },
    goes: false,
    because: 'weight',
  },
  {
    what: 'two layers of light interfacing in a blazer',
    need: { garment: 'blazer', details: ['lapel', 'collar'] },
    main: { called: 'wool flannel', gsm: 300, fibres: ['wool'] },
    interfacing: { gsm: 70, construction: 'knit', attach: 'fusible', count: 2 },
    goes: true,
  },
  {
    what: 'velvet with a fusible',
    need: { garment: 'blazer' },
    main: { called: 'velvet', gsm: 280, fibres: ['cotton'] },
    interfacing: { gsm: 90, construction: 'woven', attach: 'fusible' },
    goes: false,
    because: 'heat',
  },
  {
    what: 'velvet with organza sewn in',
    need: { garment: 'blazer' },
    main: { called: 'velvet', gsm: 280, fibres: ['cotton'] },
    interfacing: { gsm: 40, construction: 'woven', attach: 'sew-in' },
    goes: true,
  },
  {
    what: 'a bag of canvas with heavy interfacing',
    need: { garment: 'bag' },
    main: { called: 'canvas', gsm: 280, fibres: ['cotton'], washed: true },
    interfacing: { gsm: 350, construction: 'nonwoven', attach: 'sew-in' },
    goes: true,
  },
  {
    what: 'a swimsuit with a woven lining',
    need: { garment: 'swimwear' },
    main: { called: 'swimwear knit', gsm: 200, fibres: ['nylon', 'elastane'] },
    lining: { called: 'lining', gsm: 70, fibres: ['polyester'] },
    goes: false,
    because: 'stretch',
  },
  {
    what: 'a swimsuit with power mesh',
    need: { garment: 'swimwear' },
    main: { called: 'swimwear knit', gsm: 200, fibres: ['nylon', 'elastane'] },
    lining: { called: 'power mesh', gsm: 120, fibres: ['nylon', 'elastane'] },
    goes: true,
  },
  {
    what: 'a jersey dress with a woven interfacing at the waist',
    need: { garment: 'dress-bodycon' },
    main: { called: 'ponte', gsm: 320, fibres: ['viscose', 'polyester', 'elastane'], washed: true },
    interfacing: { gsm: 110, construction: 'woven', attach: 'sew-in' },
    goes: false,
    because: 'stretch',
  },
  {
    what: 'a ponte dress with tricot fusible',
    need: { garment: 'dress-bodycon' },
    main: { called: 'ponte', gsm: 320, fibres: ['polyester', 'viscose', 'elastane'], washed: true },
    interfacing: { gsm: 60, construction: 'knit', attach: 'fusible' },
    goes: true,
  },
  {
    what: 'a linen summer dress lined with cotton voile, both washed',
    need: { garment: 'dress-fitted', season: 'hot' },
    main: { called: 'linen', gsm: 180, fibres: ['linen'], washed: true },
    lining: { called: 'voile', gsm: 65, fibres: ['cotton'], washed: true },
    goes: true,
  },
  {
    what: 'unwashed cotton gauze with a polyester lining',
    need: { garment: 'blouse' },
    main: { called: 'double gauze', gsm: 130, fibres: ['cotton'], washed: false, shrinkPercent: { length: 9 } },
    lining: { called: 'lining', gsm: 60, fibres: ['polyester'], washed: false },
    goes: false,
    because: 'shrinkage',
  },
  {
    what: 'lace over a satin lining in a gown',
    need: { garment: 'gown', details: ['lined'] },
    main: { called: 'lace', gsm: 120, fibres: ['nylon'] },
    lining: { called: 'satin', gsm: 110, fibres: ['polyester'] },
    goes: true,
  },
  {
    what: 'chiffon over chiffon where it has to cover',
    need: { garment: 'dress-fitted' },
    main: { called: 'chiffon', gsm: 40, fibres: ['polyester'] },
    lining: { called: 'chiffon', gsm: 40, fibres: ['polyester'] },
    goes: false,
    because: 'opacity',
  },
  {
    what: 'a quilted jacket of cotton with thin polyester wadding and a taffeta lining',
    need: { garment: 'jacket-quilted', details: ['quilted-layers'] },
    main: { called: 'poplin', gsm: 130, fibres: ['cotton'], washed: true },
    lining: { called: 'taffeta', gsm: 80, fibres: ['polyester'] },
    wadding: { gsm: 100, loftMm: 4, fibres: ['polyester'] },
    goes: true,
  },
  {
    what: 'a quilted jacket with bed wadding',
    need: { garment: 'jacket-quilted', details: ['quilted-layers'] },
    main: { called: 'denim', gsm: 400, fibres: ['cotton'] },
    wadding: { gsm: 400, loftMm: 25, fibres: ['polyester'] },
    goes: false,
    because: 'weight',
  },
  {
    what: 'a quilt of quilting cotton and cotton wadding',
    need: { garment: 'quilt' },
    main: { called: 'quilting cotton', gsm: 145, fibres: ['cotton'], washed: true },
    wadding: { gsm: 180, loftMm: 4, fibres: ['cotton'] },
    lining: { called: 'quilting cotton', gsm: 130, fibres: ['cotton'], washed: true },
    goes: true,
  },
  {
    what: 'silk charmeuse with a heavy non-woven fusible',
    need: { garment: 'blouse', details: ['collar'] },
    main: { called: 'charmeuse', gsm: 85, fibres: ['silk'] },
    interfacing: { gsm: 110, construction: 'nonwoven', attach: 'fusible' },
    goes: false,
    because: 'weight',
  },
  {
    what: 'silk charmeuse with silk organza sewn in',
    need: { garment: 'blouse', details: ['collar'] },
    main: { called: 'charmeuse', gsm: 85, fibres: ['silk'] },
    interfacing: { gsm: 35, construction: 'woven', attach: 'sew-in' },
    goes: true,
  },
  {
    what: 'a nylon raincoat with a fusible',
    need: { garment: 'jacket-casual' },
    main: { called: 'ripstop', gsm: 110, fibres: ['nylon'] },
    interfacing: { gsm: 60, construction: 'nonwoven', attach: 'fusible' },
    goes: false,
    because: 'heat',
  },
  {
    what: 'a washable cotton dress with a lining that may not be washed',
    need: { garment: 'dress-fitted' },
    main: { called: 'cotton sateen', gsm: 190, fibres: ['cotton'], washed: true },
    lining: { called: 'duchess satin', gsm: 180, fibres: ['silk'] },
    goes: false,
    because: 'care',
  },
  {
    what: 'trousers of linen with cotton pocketing as half-lining',
    need: { garment: 'trousers' },
    main: { called: 'linen', gsm: 230, fibres: ['linen'], washed: true },
    lining: { called: 'lining', gsm: 80, fibres: ['viscose'], washed: true },
    goes: true,
  },
  {
    what: 'curtains with a sateen lining',
    need: { garment: 'curtain' },
    main: { called: 'furnishing', gsm: 280, fibres: ['cotton'] },
    lining: { called: 'curtain sateen', gsm: 140, fibres: ['cotton'] },
    goes: true,
  },
  {
    what: 'a cloak of wool with a brushed cotton lining that drags',
    need: { garment: 'coat' },
    main: { called: 'melton', gsm: 480, fibres: ['wool'] },
    lining: { called: 'winceyette', gsm: 170, fibres: ['cotton'] },
    goes: true,
    because: 'slide',
  },
  {
    what: 'a stretch denim jacket with a stretch lining',
    need: { garment: 'jacket-casual' },
    main: { called: 'stretch denim', gsm: 320, fibres: ['cotton', 'elastane'], washed: true },
    lining: { called: 'lining', gsm: 90, fibres: ['polyester'] },
    goes: true,
  },
  {
    what: 'a sheer organza blouse with a white fusible',
    need: { garment: 'blouse', details: ['collar', 'cuffs'] },
    main: { called: 'organza', gsm: 45, fibres: ['silk'] },
    interfacing: { gsm: 40, construction: 'nonwoven', attach: 'fusible' },
    goes: false,
    because: 'opacity',
  },
  {
    what: 'a waistcoat of tweed with a satin lining and fusible canvas',
    need: { garment: 'waistcoat' },
    main: { called: 'tweed', gsm: 320, fibres: ['wool'] },
    lining: { called: 'satin', gsm: 110, fibres: ['polyester'] },
    interfacing: { gsm: 120, construction: 'woven', attach: 'fusible' },
    goes: true,
  },
]
