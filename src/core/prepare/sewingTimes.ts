import { type Detail, type Garment } from '../vocabulary/choosing'

/** Minutes at the machine and the iron for somebody who sews now and then; from memory, with a wide spread. */
const GARMENTS: Readonly<Partial<Record<Garment, number>>> = {
  shirt: 420,
  'shirt-dress': 480,
  jeans: 540,
  trousers: 300,
  shorts: 210,
  blazer: 1080,
  coat: 1200,
  'jacket-casual': 540,
  'jacket-quilted': 720,
  waistcoat: 300,
  gown: 720,
  'dress-fitted': 480,
  corset: 720,
  doublet: 600,
  jumpsuit: 480,
  dungarees: 420,
  curtain: 120,
  'stage-drape': 120,
  'roman-blind': 180,
  cushion: 60,
  pouch: 60,
  napkin: 20,
  towel: 25,
  tablecloth: 45,
  pillowcase: 40,
  'duvet-cover': 90,
  scarf: 45,
  apron: 90,
  bag: 150,
  rucksack: 360,
  quilt: 900,
  'skirt-a-line': 150,
  'skirt-full': 150,
  'skirt-wrap': 150,
  'tee-knit': 120,
  'vest-top': 100,
  leggings: 90,
  underwear: 60,
  tabard: 90,
  cape: 150,
  cloak: 210,
  'puppet-clothes': 120,
}
const USUAL = 270

/** What a detail adds, minutes; from memory. */
const DETAILS: Readonly<Partial<Record<Detail, number>>> = {
  collar: 45,
  lapel: 90,
  cuffs: 45,
  'patch-pockets': 40,
  'welt-pockets': 80,
  'inseam-pockets': 30,
  buttonholes: 45,
  zip: 30,
  pleats: 45,
  gathers: 30,
  tiers: 60,
  ruffles: 45,
  lined: 150,
  'quilted-layers': 180,
  placket: 45,
  hood: 60,
  waistband: 40,
  'bound-edges': 45,
  smocking: 120,
  shirring: 40,
  boning: 120,
  topstitching: 40,
  'set-in-sleeves': 45,
  eyelets: 30,
  'curtain-heading': 45,
}
const SMALL = 15

/** Minutes of sewing that a garment takes without its details. */
export const garmentMinutes = (garment: Garment | undefined): number => (garment && GARMENTS[garment]) || USUAL
/** Minutes that a detail adds. */
export const detailMinutes = (detail: Detail): number => DETAILS[detail] ?? SMALL
