import { type Detail } from '../../vocabulary/choosing'
import { type DetailRule } from './detailRule'
import { makingDetails } from './makingDetails'

/** Details, by what they ask of cloth. */
const common = {
  belt: {
    gsm: [null, 260],
    // Towelling is thick and ties all the same, since it gives.
    pliableTo: 460,
    mayLeaveOff: true,
    lighterClothHelps: true,
    tooHeavy: 'a tie belt gets too thick to knot',
  },
  gathers: {
    gsm: [null, 210],
    body: ['fluid', 'soft', 'moderate'],
    mayLeaveOff: false,
    lighterClothHelps: true,
    tooHeavy: 'gathers stand out and get bulky in the seam',
    swap: { text: 'Take the fullness in flat pleats or darts instead of gathers.', miss: 'over' },
  },
  tiers: {
    gsm: [null, 190],
    body: ['fluid', 'soft', 'moderate'],
    mayLeaveOff: true,
    tooHeavy: 'tiers hang heavy and push out instead of falling',
  },
  pleats: {
    heatSets: true,
    gsm: [80, 350],
    body: ['moderate', 'crisp', 'stiff'],
    mayLeaveOff: false,
    tooHeavy: 'pleats are too thick to lie flat',
    tooLight: 'pleats will not hold their edge',
  },
  ruffles: {
    gsm: [null, 170],
    body: ['fluid', 'soft', 'moderate'],
    mayLeaveOff: true,
    lighterClothHelps: true,
    tooHeavy: 'ruffles stick out instead of falling',
  },
  draped: {
    gsm: [null, 260],
    body: ['fluid', 'soft'],
    mayLeaveOff: false,
    tooHeavy: 'the drape will not fall into folds',
  },
  'bias-cut': {
    gsm: [null, 220],
    body: ['fluid', 'soft', 'moderate'],
    mayLeaveOff: false,
    tooHeavy: 'on the bias it will stand away instead of clinging',
  },
  'close-fit': { stretchAtLeast: 12, mayLeaveOff: false },
  collar: {
    gsm: [75, 340],
    body: ['soft', 'moderate', 'crisp', 'stiff'],
    mayLeaveOff: true,
    interfacingHelps: true,
    tooLight: 'it will not hold a collar up',
    tooHeavy: 'the collar gets too thick to turn',
  },
  lapel: {
    gsm: [130, 550],
    body: ['moderate', 'crisp', 'stiff'],
    mayLeaveOff: true,
    interfacingHelps: true,
    tooLight: 'it is too limp for a lapel',
  },
  cuffs: {
    gsm: [65, 300],
    body: ['soft', 'moderate', 'crisp', 'stiff'],
    mayLeaveOff: true,
    interfacingHelps: true,
    tooLight: 'cuffs go limp',
    tooHeavy: 'cuffs get too thick to fold',
  },
  'patch-pockets': {
    gsm: [95, null],
    body: ['soft', 'moderate', 'crisp', 'stiff'],
    mayLeaveOff: true,
    interfacingHelps: true,
    tooLight: 'patch pockets sag and show through',
  },
  buttonholes: {
    gsm: [60, null],
    body: ['soft', 'moderate', 'crisp', 'stiff'],
    mayLeaveOff: false,
    interfacingHelps: true,
    tooLight: 'buttonholes pull and pucker',
    swap: { text: 'Close it with press studs, hooks or ties instead of buttonholes.' },
  },
  zip: {
    gsm: [60, null],
    mayLeaveOff: false,
    interfacingHelps: true,
    tooLight: 'a zip drags and ripples',
    swap: { text: 'Close it with buttons or ties instead of a zip.' },
  },
  'pull-on': { stretchAtLeast: 8, mayLeaveOff: true },
  'elastic-waist': { gsm: [null, 280], mayLeaveOff: false, tooHeavy: 'a gathered elastic waist gets bulky' },
  topstitching: {
    gsm: [70, null],
    body: ['soft', 'moderate', 'crisp', 'stiff'],
    mayLeaveOff: true,
    tooLight: 'topstitching tunnels',
  },
  'quilted-layers': { gsm: [null, 220], mayLeaveOff: true, tooHeavy: 'the layers get too thick to quilt' },
  lined: { mayLeaveOff: true },
  unlined: { mayLeaveOff: true },
} as const satisfies Readonly<Record<string, DetailRule>>

/** What every detail asks beyond the garment. */
export const detailRules: Readonly<Record<Detail, DetailRule>> = { ...common, ...makingDetails }
