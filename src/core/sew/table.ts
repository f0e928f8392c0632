import { materialLayers, materialMarkings, materialPinnings, materialTools } from './materialRules'
import { type Rule } from './rule'

/** How it is cut: in one layer or folded, with what, on what. */
export const LAYER_RULES: readonly Rule<'single' | 'folded'>[] = [
  { id: 'cut-folded', when: () => true, gives: 'folded', text: 'Folded, right sides together.', safety: 0 },
  {
    id: 'cut-single-slippery',
    when: (c) => c.is('slippery') || c.isOf('creeps'),
    gives: 'single',
    text: 'In a single layer: two layers slide over one another.',
    safety: 2,
    school: 'cutting',
  },
  {
    id: 'cut-folded-picked',
    when: (c) => c.schools.cutting === 'folded',
    gives: 'folded',
    text: 'Folded, right sides in, with shears and many pins, your preference.',
    safety: 2.5,
    school: 'cutting',
  },
  {
    id: 'cut-single-picked',
    when: (c) => c.schools.cutting === 'single',
    gives: 'single',
    text: 'In a single layer, your preference.',
    safety: 2.5,
    school: 'cutting',
  },
  {
    id: 'cut-single-pile',
    when: (c) => c.is('pile'),
    gives: 'single',
    text: 'In a single layer, wrong side up: pile on pile creeps.',
    safety: 4,
  },
  {
    id: 'cut-single-matched',
    when: (c) => (c.offer.repeatMm ?? 0) > 0,
    gives: 'single',
    text: 'In a single layer, so that you can match stripes or checks.',
    safety: 3,
  },
  {
    id: 'cut-single-film',
    when: (c) => c.isFilm,
    gives: 'single',
    text: 'In a single layer: pins would leave holes.',
    safety: 4,
  },
  {
    id: 'cut-single-bulky',
    when: (c) => c.is('bulky') || c.gsm >= 450,
    gives: 'single',
    text: 'In a single layer: thick folds shift under the shears.',
    safety: 3,
  },
  {
    id: 'cut-single-curling',
    when: (c) => c.is('curls') && c.gsm < 180,
    gives: 'single',
    text: 'In a single layer: a thin jersey rolls at its edges when it is folded.',
    safety: 2,
  },
  {
    id: 'cut-single-bias',
    when: (c) => c.has('bias-cut'),
    gives: 'single',
    text: 'In a single layer: folded fabric never lies straight on the bias.',
    safety: 3,
  },
  {
    id: 'cut-single-sheer',
    when: (c) => c.is('sheer') && c.isWoven,
    gives: 'single',
    text: 'In a single layer on paper: sheer fabric shifts.',
    safety: 2,
    school: 'cutting',
  },
  ...materialLayers,
]

export const TOOL_RULES: readonly Rule<string>[] = [
  {
    id: 'tool-shears',
    when: () => true,
    gives: 'shears',
    text: 'Sharp shears, the lower blade on the table.',
    safety: 0,
  },
  {
    id: 'tool-rotary',
    when: (c) => c.is('slippery', 'sheer', 'curls') || c.isLimp,
    gives: 'rotary',
    text: 'A rotary cutter does not lift the fabric; otherwise use shears with a fine-toothed blade.',
    safety: 1,
  },
  {
    id: 'tool-heavy-shears',
    when: (c) => c.gsm >= 350,
    gives: 'shears',
    text: 'Heavy shears; nick and cut, never saw.',
    safety: 2,
  },
  {
    id: 'tool-fur-blade',
    when: (c) => c.isOf('furry'),
    gives: 'blade',
    text: 'A craft blade through the backing alone, from the wrong side; outdoors, it sheds.',
    safety: 4,
  },
  ...materialTools,
]

export const UNDER_RULES: readonly Rule<string>[] = [
  { id: 'under-nothing', when: () => true, gives: 'nothing', text: 'Nothing under it.', safety: 0 },
  {
    id: 'under-tissue',
    when: (c) => c.is('slippery', 'sheer') || (c.isLimp && c.gsm < 110),
    gives: 'tissue',
    text: 'Tissue paper under it, cut and sewn with it where it slides, torn away after.',
    safety: 2,
  },
  {
    id: 'under-mat',
    when: (c) => c.isFilm,
    gives: 'mat',
    text: 'A cutting mat, pattern weighted.',
    safety: 1,
  },
]

export const MARKING_RULES: readonly Rule<string>[] = [
  {
    id: 'mark-chalk',
    when: () => true,
    gives: 'chalk',
    text: 'Chalk or a soft pencil on the wrong side; test that it comes out.',
    safety: 0,
    school: 'marking',
  },
  {
    id: 'mark-tacks-delicate',
    when: (c) => c.is('sheer', 'delicate') || c.isMostly('silken') || (c.isMostly('dulls-in-heat') && c.isWoven),
    gives: 'tacks',
    text: 'Tailor’s tacks in silk or fine cotton thread: a pen would show or stay.',
    safety: 3,
    school: 'marking',
  },
  {
    id: 'mark-tacks-picked',
    when: (c) => c.schools.marking === 'tacks' && !c.isFilm,
    gives: 'tacks',
    text: 'Tailor’s tacks, your preference: they never stain.',
    safety: 1,
    school: 'marking',
  },
  {
    id: 'mark-tacks-pile',
    when: (c) => c.isVelvety || c.isOf('hides-chalk'),
    gives: 'tacks',
    text: 'Tailor’s tacks: chalk disappears in pile and loops.',
    safety: 2,
  },
  {
    id: 'mark-film',
    when: (c) => c.isFilm,
    gives: 'pencil',
    text: 'A soft pencil on the backing; no wheel and no pins, they leave holes.',
    safety: 4,
  },
  {
    id: 'mark-wheel-dense',
    when: (c) => c.isWoven && c.isPlant && c.gsm >= 200 && !c.is('pile'),
    gives: 'chalk',
    text: 'Chalk paper and a tracing wheel on the wrong side also work on firm fabric.',
    safety: 1,
  },
  ...materialMarkings,
]

export const PINNING_RULES: readonly Rule<string>[] = [
  {
    id: 'pin-usual',
    when: () => true,
    gives: 'pins',
    text: 'Pins across the seam; take them out before the needle gets there.',
    safety: 0,
  },
  {
    id: 'pin-clips',
    when: (c) => c.isFilm,
    gives: 'clips',
    text: 'Clips, never pins: a hole in a film stays.',
    safety: 5,
  },
  {
    id: 'pin-clips-bulky',
    when: (c) => c.is('bulky') && !c.isFilm,
    gives: 'clips',
    text: 'Clips or long pins: short ones disappear in thick fabric.',
    safety: 2,
  },
  {
    id: 'pin-fine',
    when: (c) => (c.is('delicate', 'sheer') || c.isMostly('silken')) && !c.isKnit,
    gives: 'fine-pins',
    text: 'Fine pins, inside the seam allowance only; weights for cutting.',
    safety: 3,
  },
  {
    id: 'pin-ball-knit',
    when: (c) => c.isKnit && !c.is('bulky'),
    gives: 'ball-pins',
    text: 'Ball-headed, round-pointed pins, or clips.',
    safety: 1,
  },
  {
    id: 'pin-tack-pile',
    when: (c) => c.isVelvety && c.isWoven,
    gives: 'hand-tacking',
    text: 'Tack by hand, two rows, along the pile: with pins alone it creeps.',
    safety: 4,
  },
  {
    id: 'pin-tack-slippery',
    when: (c) => c.is('slippery') && c.gsm < 110,
    gives: 'hand-tacking',
    text: 'Tack by hand with silk thread: it slides between pins.',
    safety: 2,
  },
  ...materialPinnings,
]
