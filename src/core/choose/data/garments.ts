import { type Body, type Opacity } from '../../vocabulary/cloth'
import { type Garment } from '../../vocabulary/choosing'

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
  /** Worn in the water, where cloth that holds it sags. */
  inWater?: boolean
  /** Worn in bed or by the fire, where what flares up is a danger. */
  isNightwear?: boolean
  /** Judged by its own role, however it is made: interfacing and wadding have no threads at all, mostly. */
  anyConstruction?: boolean
}

const folding: readonly Body[] = ['soft', 'moderate', 'crisp']
const flowing: readonly Body[] = ['fluid', 'soft']
const easy: readonly Body[] = ['fluid', 'soft', 'moderate']
const middling: readonly Body[] = ['soft', 'moderate']
const shaped: readonly Body[] = ['moderate', 'crisp']
const firm: readonly Body[] = ['moderate', 'crisp', 'stiff']
const any: readonly Body[] = ['fluid', 'soft', 'moderate', 'crisp', 'stiff']
const solid: readonly Opacity[] = ['opaque']
const veiled: readonly Opacity[] = ['semi-sheer', 'opaque']
const anyLight: readonly Opacity[] = ['sheer', 'semi-sheer', 'opaque']

/** Common practice; spans from memory of what pattern envelopes ask for. */
export const garmentNeeds: Readonly<Record<Garment, GarmentNeed>> = {
  shirt: {
    structure: 'woven',
    gsm: [90, 170],
    stretchWidth: [0, 8],
    body: folding,
    opacity: solid,
    nextToSkin: true,
  },
  blouse: {
    structure: 'woven',
    gsm: [50, 150],
    stretchWidth: [0, 10],
    body: easy,
    opacity: veiled,
    nextToSkin: true,
  },
  tunic: {
    structure: 'either',
    gsm: [90, 220],
    stretchWidth: [0, 40],
    body: easy,
    opacity: solid,
    nextToSkin: true,
  },
  'woven-tee': {
    structure: 'woven',
    gsm: [80, 180],
    stretchWidth: [0, 15],
    body: easy,
    opacity: solid,
    nextToSkin: true,
  },
  camisole: {
    structure: 'woven',
    gsm: [45, 130],
    stretchWidth: [0, 10],
    body: flowing,
    opacity: veiled,
    nextToSkin: true,
  },
  'shirt-dress': {
    structure: 'woven',
    gsm: [100, 220],
    stretchWidth: [0, 10],
    body: middling,
    opacity: solid,
    nextToSkin: true,
  },
  'dress-fitted': {
    structure: 'woven',
    gsm: [140, 300],
    stretchWidth: [0, 30],
    body: shaped,
    opacity: solid,
    nextToSkin: true,
  },
  'dress-fluid': {
    structure: 'woven',
    gsm: [60, 180],
    stretchWidth: [0, 20],
    body: flowing,
    opacity: veiled,
    nextToSkin: true,
  },
  'dress-fit-and-flare': {
    structure: 'woven',
    gsm: [110, 250],
    stretchWidth: [0, 20],
    body: shaped,
    opacity: solid,
    nextToSkin: true,
  },
  'wrap-dress': {
    structure: 'either',
    gsm: [90, 240],
    stretchWidth: [0, 60],
    body: easy,
    opacity: solid,
    nextToSkin: true,
  },
  'dress-bodycon': {
    structure: 'knit',
    gsm: [180, 350],
    stretchWidth: [25, 120],
    body: middling,
    opacity: solid,
    nextToSkin: true,
  },
  gown: {
    structure: 'woven',
    gsm: [80, 320],
    stretchWidth: [0, 15],
    body: ['fluid', 'soft', 'moderate', 'crisp'],
    opacity: solid,
    nextToSkin: false,
  },
  'skirt-pencil': {
    structure: 'either',
    gsm: [180, 380],
    stretchWidth: [0, 45],
    body: shaped,
    opacity: solid,
    nextToSkin: false,
  },
  'skirt-a-line': {
    structure: 'woven',
    gsm: [140, 380],
    stretchWidth: [0, 15],
    body: shaped,
    opacity: solid,
    nextToSkin: false,
  },
  'skirt-full': {
    structure: 'woven',
    gsm: [90, 260],
    stretchWidth: [0, 10],
    body: folding,
    opacity: solid,
    nextToSkin: false,
  },
  'skirt-tiered': {
    structure: 'woven',
    gsm: [60, 180],
    stretchWidth: [0, 10],
    body: easy,
    opacity: veiled,
    nextToSkin: false,
  },
  trousers: {
    structure: 'woven',
    gsm: [160, 350],
    stretchWidth: [0, 30],
    body: folding,
    opacity: solid,
    nextToSkin: false,
  },
  jeans: {
    structure: 'woven',
    gsm: [270, 500],
    stretchWidth: [0, 35],
    body: firm,
    opacity: solid,
    nextToSkin: false,
  },
  shorts: {
    structure: 'woven',
    gsm: [130, 330],
    stretchWidth: [0, 15],
    body: folding,
    opacity: solid,
    nextToSkin: false,
  },
  joggers: {
    structure: 'knit',
    gsm: [200, 360],
    stretchWidth: [15, 80],
    body: middling,
    opacity: solid,
    nextToSkin: true,
  },
  leggings: {
    structure: 'knit',
    gsm: [180, 320],
    stretchWidth: [40, 150],
    body: middling,
    opacity: solid,
    nextToSkin: true,
  },
  jumpsuit: {
    structure: 'woven',
    gsm: [130, 280],
    stretchWidth: [0, 15],
    body: middling,
    opacity: solid,
    nextToSkin: true,
  },
  dungarees: {
    structure: 'woven',
    gsm: [180, 420],
    stretchWidth: [0, 15],
    body: firm,
    opacity: solid,
    nextToSkin: false,
  },
  blazer: {
    structure: 'woven',
    gsm: [180, 380],
    stretchWidth: [0, 15],
    body: shaped,
    opacity: solid,
    nextToSkin: false,
  },
  waistcoat: {
    structure: 'woven',
    gsm: [150, 380],
    stretchWidth: [0, 15],
    body: shaped,
    opacity: solid,
    nextToSkin: false,
  },
  'jacket-casual': {
    structure: 'either',
    gsm: [180, 420],
    stretchWidth: [0, 35],
    body: folding,
    opacity: solid,
    nextToSkin: false,
  },
  'jacket-quilted': {
    structure: 'woven',
    gsm: [70, 220],
    stretchWidth: [0, 10],
    body: folding,
    opacity: solid,
    nextToSkin: false,
  },
  coat: {
    structure: 'woven',
    gsm: [320, 700],
    stretchWidth: [0, 15],
    body: firm,
    opacity: solid,
    nextToSkin: false,
  },
  pyjamas: {
    structure: 'either',
    gsm: [80, 200],
    stretchWidth: [0, 40],
    body: easy,
    opacity: solid,
    nextToSkin: true,
    isNightwear: true,
  },
  'dressing-gown': {
    structure: 'either',
    gsm: [80, 450],
    stretchWidth: [0, 40],
    body: easy,
    opacity: solid,
    nextToSkin: true,
    isNightwear: true,
  },
  apron: {
    structure: 'woven',
    gsm: [140, 380],
    stretchWidth: [0, 10],
    body: firm,
    opacity: solid,
    nextToSkin: false,
  },
  'tee-knit': {
    structure: 'knit',
    gsm: [120, 240],
    stretchWidth: [15, 80],
    body: flowing,
    opacity: solid,
    nextToSkin: true,
  },
  sweatshirt: {
    structure: 'knit',
    gsm: [200, 380],
    stretchWidth: [12, 70],
    body: middling,
    opacity: solid,
    nextToSkin: true,
  },
  swimwear: {
    structure: 'knit',
    gsm: [160, 280],
    stretchWidth: [50, 150],
    body: middling,
    opacity: solid,
    nextToSkin: true,
    inWater: true,
  },
  scarf: {
    structure: 'either',
    gsm: [20, 380],
    stretchWidth: [0, 60],
    body: easy,
    opacity: anyLight,
    nextToSkin: true,
  },
  bag: {
    structure: 'woven',
    gsm: [180, 600],
    stretchWidth: [0, 8],
    body: firm,
    opacity: solid,
    nextToSkin: false,
  },
  cushion: {
    structure: 'woven',
    gsm: [120, 550],
    stretchWidth: [0, 10],
    body: any,
    opacity: solid,
    nextToSkin: false,
  },
  curtain: {
    structure: 'woven',
    gsm: [60, 450],
    stretchWidth: [0, 8],
    body: any,
    opacity: anyLight,
    nextToSkin: false,
  },
  tablecloth: {
    structure: 'woven',
    gsm: [120, 300],
    stretchWidth: [0, 6],
    body: folding,
    opacity: solid,
    nextToSkin: false,
  },
  quilt: {
    structure: 'woven',
    gsm: [90, 170],
    stretchWidth: [0, 5],
    body: folding,
    opacity: solid,
    nextToSkin: false,
  },
  toile: {
    structure: 'woven',
    gsm: [90, 250],
    stretchWidth: [0, 10],
    body: any,
    opacity: anyLight,
    nextToSkin: false,
  },
}
