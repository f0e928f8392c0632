import { type EnvelopeRead } from '@/core/choose/envelope/readEnvelope'

/** A fact that somebody would read off an envelope. */
type Fact = readonly [what: string, of: (read: EnvelopeRead) => unknown, is: unknown]

/** Envelopes as they are written, and what they say; made up, apart from the words that are read. */
export interface ToldEnvelope {
  text: string
  facts: readonly Fact[]
}

const main = (read: EnvelopeRead) => read.roles.find(({ role }) => role === 'main')!
const of = (role: string) => (read: EnvelopeRead) => read.roles.find((one) => one.role === role)
const need = (read: EnvelopeRead) => main(read).need
const avoided = (read: EnvelopeRead) => read.avoid.map(({ id }) => id).sort()
const notions = (read: EnvelopeRead) => read.notions.map(({ id }) => id).sort()
const lengths = (read: EnvelopeRead) =>
  main(read).lengths.map(({ size, widthMm, lengthMm }) => [size, widthMm, lengthMm])

export const toldEnvelopes: readonly ToldEnvelope[] = [
  {
    text: 'Light to mid-weight wovens such as chambray, linen or shirting. Not suitable for obvious diagonals.',
    facts: [
      ['weave', (read) => need(read).structure, 'woven'],
      ['weights', (read) => need(read).gsm, [65, 270]],
      ['fabrics', (read) => need(read).called, ['chambray', 'linen', 'shirting']],
      ['avoid', avoided, ['diagonals']],
      ['nothing unread', (read) => read.notRead, []],
    ],
  },
  {
    text: `Ladies' blouse with set-in sleeves, cuffs and a pleated front.
Suggested fabrics: voile, cotton lawn, silk crepe de chine, viscose challis.
No large prints or plaids.
You will need: matching thread, 8 small buttons, ½ yd fusible interfacing
Sizes 6 8 10 12
45" 2 2⅛ 2¼ 2⅜ yds
60" 1½ 1⅝ 1⅝ 1¾ yds`,
    facts: [
      ['garment', (read) => read.garment, 'blouse'],
      ['details', (read) => [...(need(read).details ?? [])].sort(), ['cuffs', 'pleats', 'set-in-sleeves']],
      ['fabrics', (read) => need(read).called?.length, 4],
      ['avoid', avoided, ['large-print', 'plaids']],
      ['buttons', (read) => read.notions.find(({ id }) => id === 'button')?.count, 8],
      ['notions', notions, ['button', 'thread']],
      ['interfacing', (read) => of('interfacing')(read) !== undefined, true],
      ['rows', (read) => main(read).lengths.length, 8],
      ['no lengths of interfacing', (read) => of('interfacing')(read)?.lengths.length, 0],
      ['first', (read) => lengths(read)[0], ['6', 1143, 1829]],
      ['last', (read) => lengths(read)[7], ['12', 1524, 1600]],
    ],
  },
  {
    text: `Knit T-shirt. For stretch knits only: cotton jersey, bamboo viscose jersey.
10 cm should stretch to at least 14 cm.
150 cm wide: 1.4 m`,
    facts: [
      ['garment', (read) => read.garment, 'tee-knit'],
      ['weave', (read) => need(read).structure, 'knit'],
      ['stretch', (read) => need(read).stretchPercent?.width?.[0], 40],
      ['length', lengths, [[null, 1500, 1400]]],
    ],
  },
  {
    text: `Leggings. Four-way stretch fabric with 60-100% stretch, nylon/elastane blends. Opaque.
2 m of 3 cm elastic`,
    facts: [
      ['garment', (read) => read.garment, 'leggings'],
      ['stretch', (read) => need(read).stretchPercent?.width, [60, 100]],
      ['both ways', (read) => need(read).stretchPercent?.length !== undefined, true],
      ['cover', (read) => need(read).opacity, ['opaque']],
      ['notions', notions, ['elastic']],
    ],
  },
  {
    text: `Winter coat, fully lined, with a shawl collar and patch pockets
Fabric: heavyweight wool, melton, boucle
Lining: medium-weight satin
Interfacing: woven fusible
Wadding: thin polyester wadding
Allow extra fabric for matching checks
Main fabric with nap: 150 cm wide, 3.2 m
Lining: 140 cm wide, 2.6 m`,
    facts: [
      ['garment', (read) => read.garment, 'coat'],
      ['season', (read) => need(read).season, 'cold'],
      ['details', (read) => [...(need(read).details ?? [])].sort(), ['collar', 'lined', 'patch-pockets']],
      ['weights', (read) => need(read).gsm, [270, 560]],
      ['roles', (read) => read.roles.map(({ role }) => role).sort(), ['interfacing', 'lining', 'main', 'wadding']],
      ['lining weight', (read) => of('lining')(read)?.need.gsm, [135, 270]],
      ['main length', lengths, [[null, 1500, 3200]]],
      ['with nap', (read) => main(read).lengths[0]?.nap, true],
      ['lining length', (read) => of('lining')(read)?.lengths[0]?.lengthMm, 2600],
    ],
  },
  {
    text:
      'Wide-leg trousers with elasticated waist and in-seam pockets. Choose a fabric with plenty of drape ' +
      'such as crepe, tencel twill, sandwashed silk or linen blends, 120-220 gsm. Avoid stiff or bulky ' +
      'fabrics.',
    facts: [
      ['garment', (read) => read.garment, 'trousers'],
      ['details', (read) => [...(need(read).details ?? [])].sort(), ['elastic-waist', 'inseam-pockets']],
      ['weights', (read) => need(read).gsm, [120, 220]],
      ['fall', (read) => need(read).body, ['fluid', 'soft']],
      ['avoid', avoided, ['heavy', 'stiff']],
    ],
  },
  {
    text:
      'Jeans jacket. 8-10 oz denim, canvas or corduroy. Use nap layouts for corduroy. 6 jeans buttons, ' +
      'topstitching thread.',
    facts: [
      ['garment', (read) => read.garment, 'jacket-casual'],
      ['weights', (read) => need(read).gsm, [271, 339]],
      ['fabrics', (read) => need(read).called, ['denim', 'canvas', 'corduroy']],
      ['pile', (read) => need(read).pile, 'with-nap-layout'],
      ['buttons', (read) => read.notions.find(({ id }) => id === 'button')?.count, 6],
    ],
  },
  {
    text: `Tiered skirt: soft, flowing lightweight fabrics. Suitable for border prints. 112 cm: 4.2 m, without nap
150 cm: 3.1 m, without nap`,
    facts: [
      ['garment', (read) => read.garment, 'skirt-tiered'],
      ['weights', (read) => need(read).gsm, [65, 140]],
      ['fall', (read) => need(read).body, ['fluid', 'soft']],
      ['avoid nothing', avoided, []],
      [
        'lengths',
        lengths,
        [
          [null, 1120, 4200],
          [null, 1500, 3100],
        ],
      ],
      ['no nap', (read) => main(read).lengths.some(({ nap }) => nap), false],
    ],
  },
  {
    text: `APRON in sturdy cotton: canvas, drill or heavy linen. 1.2 m of 140 cm wide fabric, 3 m cotton tape.`,
    facts: [
      ['garment', (read) => read.garment, 'apron'],
      ['fall', (read) => need(read).body, ['moderate', 'crisp', 'stiff']],
      ['fabrics', (read) => need(read).called?.slice(0, 2), ['canvas', 'drill']],
      ['length', lengths, [[null, 1400, 1200]]],
      ['notions', notions, ['tape']],
    ],
  },
  {
    text:
      'Swimsuit and bikini. Swimwear fabric with high stretch (min. 50% stretch both ways). Lining: power ' +
      'mesh. Not suitable for woven fabrics.',
    facts: [
      ['garment', (read) => read.garment, 'swimwear'],
      ['stretch', (read) => need(read).stretchPercent?.width?.[0], 50],
      ['both ways', (read) => need(read).stretchPercent?.length !== undefined, true],
      ['lining', (read) => of('lining')(read)?.need.called, ['power mesh']],
    ],
  },
  {
    text: `Roman blind. Medium weight furnishing cotton or linen, opaque. Lining: blackout.
Not suitable for stretch fabrics.
Notions: 5 m cord, 1 m hook and loop tape`,
    facts: [
      ['garment', (read) => read.garment, 'roman-blind'],
      ['cover', (read) => need(read).opacity, ['opaque']],
      ['weights', (read) => need(read).gsm, [135, 270]],
      ['avoid', avoided, ['stretch']],
      ['lining', (read) => of('lining')(read) !== undefined, true],
      ['notions', notions, ['cord', 'hook-and-loop']],
    ],
  },
  {
    text: `Evening gown cut on the bias. Fabrics: satin-backed crepe, charmeuse, silk satin.
Invisible zip 40 cm, hook and eye.
Size S M L
140 cm 3.5 3.6 3.8 m`,
    facts: [
      ['garment', (read) => read.garment, 'gown'],
      ['details', (read) => need(read).details?.includes('bias-cut'), true],
      ['fabrics', (read) => need(read).called?.length, 3],
      ['notions', notions, ['hook-and-eye', 'zip']],
      ['sizes', (read) => main(read).lengths.map(({ size }) => size), ['S', 'M', 'L']],
    ],
  },
  {
    text: `The instructions have 24 steps. Light to medium weight woven fabrics.
Our pattern testers loved this one!`,
    facts: [
      ['weights', (read) => need(read).gsm, [65, 270]],
      ['unread', (read) => read.notRead, ['The instructions have 24 steps', 'Our pattern testers loved this one']],
    ],
  },
]
