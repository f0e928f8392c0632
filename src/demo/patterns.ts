import { patternFrom } from '../core/choose/envelope/asPattern'
import { readEnvelope } from '../core/choose/envelope/readEnvelope'
import { type RecordInput } from '../core/notebook/kinds'

type Told = Pick<RecordInput<'pattern'>, 'name' | 'notes' | 'pieces' | 'views' | 'onList'> & {
  envelope?: string
  need?: RecordInput<'pattern'>['need']
}

/** Patterns of the puppet theatre's wardrobe; invented, their envelopes too. */
const told: readonly Told[] = [
  {
    name: 'Ferryman’s jumpsuit',
    notes: 'For the tallest rod puppet’s handler. Ties at the waist; pockets for the control rods.',
    pieces: 14,
    onList: true,
    envelope: `Jumpsuit with collar, tie belt, patch pockets and a front zip.
Fabrics: mid-weight wovens such as linen, chambray or drill. Not suitable for obvious diagonals.
Interfacing: lightweight woven fusible
Notions: thread, 55 cm zip, 1 button
Sizes S M L
115 cm 3.6 3.8 4.1 m
150 cm 2.7 2.9 3.1 m
Interfacing: 90 cm 0.6 m`,
    need: { garment: 'jumpsuit', details: ['belt', 'collar', 'patch-pockets'], season: 'mild', gsm: [150, 270] },
  },
  {
    name: 'Heron’s wing cape',
    notes: 'Falls in soft folds from the shoulder and has to move when the arm moves.',
    pieces: 4,
    envelope: `Fabrics with good drape: viscose challis, georgette, crepe de chine.
115 cm 2.2 m
140 cm 1.9 m`,
    need: {
      garment: 'dress-fluid',
      details: ['gathers', 'draped'],
      season: 'mild',
      gsm: [60, 160],
      body: ['fluid', 'soft'],
    },
  },
  {
    name: 'Handlers’ black overshirt',
    notes: 'Six of them, worn under hot lamps.',
    pieces: 11,
    onList: true,
    envelope: `Shirt with collar, cuffs and buttonholes.
Fabrics: light to mid-weight wovens such as poplin, chambray or linen. Machine washable. Not suitable for large prints.
Interfacing: lightweight fusible
Notions: thread, 9 flat buttons
Sizes 10 14 18
115 cm 2.1 2.3 2.6 m
150 cm 1.6 1.7 1.9 m
Interfacing: 90 cm 0.8 m`,
    need: { garment: 'shirt', details: ['collar', 'cuffs', 'buttonholes'], season: 'hot' },
  },
  {
    name: 'Harbour mistress’s coat',
    notes: 'Stands away from the body; worn on the quay in November.',
    pieces: 16,
    views: ['A', 'B'],
    envelope: `Winter coat, fully lined, with lapels and a belt.
Fabrics: heavyweight wool, melton, boucle, tweed. Allow extra fabric to match checks.
Lining: lightweight lining such as cupro or viscose twill
Interfacing: medium-weight woven
Notions: thread, 5 large buttons, shoulder pads
View A with nap: 150 cm 2.9 m
View B with nap: 150 cm 3.4 m
Lining: 140 cm 2.2 m
Interfacing: 90 cm 1.6 m`,
    need: { garment: 'coat', details: ['lapel', 'lined', 'belt'], season: 'cold' },
  },
  {
    name: 'Eel puppet skin',
    notes: 'A long tube over foam rings: it must stretch and come back.',
    pieces: 2,
    envelope: `Two-way stretch knits only, with at least 35% stretch.
150 cm 1.3 m`,
    need: { garment: 'leggings', details: ['pull-on'], season: 'mild', stretchPercent: { width: [35, 150] } },
  },
  {
    name: 'Chorus tiered skirts',
    notes: 'Three tiers, gathered; seen from the stalls.',
    pieces: 8,
    onList: true,
    envelope: `Tiered skirt, gathered, with elasticated waist.
Fabrics: soft, lightweight wovens: double gauze, lawn, challis.
Notions: thread, 1 m of 25 mm elastic
115 cm 3.4 m
150 cm 2.6 m`,
    need: { garment: 'skirt-tiered', details: ['tiers', 'gathers', 'elastic-waist'], season: 'mild' },
  },
  {
    name: 'Seat cushions for the gods',
    notes: 'The top row sits on planks.',
    pieces: 3,
    envelope: `Cushion cover with a zip, 45 x 45 cm.
Fabrics: furnishing cotton, linen, velvet or corduroy. Use nap layouts for pile fabrics.
Notions: 40 cm zip, thread
140 cm 0.6 m`,
    need: { garment: 'cushion', details: ['zip'] },
  },
]

/** As they would stand after their envelopes were read and looked over. */
export const demoPatterns: readonly RecordInput<'pattern'>[] = told.map(({ envelope = '', need, ...own }) => {
  const read = patternFrom(readEnvelope(envelope))
  return { ...read, ...own, envelope, need: { ...read.need, ...need } }
})
