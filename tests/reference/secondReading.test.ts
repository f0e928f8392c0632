import { match } from '@/core/choose/match'
import { clothCalled, namedCloths } from '@/core/cloths/catalogue'
import { nameCloth } from '@/core/cloths/name'
import { recipeFor } from '@/core/dye/recipe'
import { amountsFor, crystalsFor } from '@/core/dye/amounts'
import { stripFor } from '@/core/dye/strip'
import { handlingOf, hasPile, isOneWay } from '@/core/fabric/handling'
import { careOf } from '@/core/fabric/care'
import { mixOf } from '@/core/fabric/mix'
import { offerFrom, type Described } from '@/core/fabric/offer'
import { slideOf } from '@/core/fabric/slide'
import { identify } from '@/core/identify/identify'
import { leatherMm, leatherOunces, GSM_PER_OZ_FT2 } from '@/core/materials/leatherWeight'
import { MATERIAL_IDS, materialById } from '@/core/materials/materials'
import { bendingLength } from '@/core/measure/drape'
import { planPreparation } from '@/core/prepare/prepare'
import { softeningOf } from '@/core/prepare/softening'
import { type PiecePlanned } from '@/core/prepare/washing'
import { ELASTIC_PLACES, elasticPercent } from '@/core/sew/elastic'
import { sewAdvice } from '@/core/sew/advice'
import { techniques } from '@/core/sew/techniques'
import { mendWays } from '@/core/upcycle/mend/mend'
import { tornDown } from '@/core/upcycle/teardown/teardown'
import { tearingOf, seamPlan } from '@/core/upcycle/teardown/ways'
import { type Garment } from '@/core/vocabulary/choosing'
import { type FibreId } from '@/core/vocabulary/fibres'
import { seen } from '../support/seen'
import { type Phrase, joinTexts } from '@/core/text/text'
import { asPlainText } from '@/core/text/render'

/** What several rules say, as one text. */
const joined = (said: readonly { text: Phrase }[]) => asPlainText(joinTexts(said.map(({ text }) => text)))

// A textile technician's and a dressmaker's reading of everything that is said: common practice unless said.
const sew = (called: string, garment?: Garment, described: Described = {}) =>
  sewAdvice({ offer: offerFrom({ called, ...described }), ...(garment && { garment }) })
const order = (called: string, garment?: Garment) => sew(called, garment).order.map(({ id }) => id)
const household = { washerKg: 6, dryer: false, lineMetres: 12, celsius: 18, humidityPercent: 60 }
const plan = (described: Described, more: Partial<PiecePlanned> = {}, garment?: Garment) =>
  planPreparation(
    {
      pieces: [
        {
          id: 'a',
          offer: offerFrom(described),
          grams: 600,
          willBeWashed: 'warm',
          shade: 'light',
          bleeds: false,
          testSquare: 'passed',
          ...more,
        },
      ],
      project: garment ? { garment } : null,
    },
    { household, free: [], schools: {} },
    () => 0.5,
  ).steps
const textOf = (steps: ReturnType<typeof plan>, kind: string) => steps.find((one) => one.kind === kind)?.text ?? ''
const report = (given: object, part?: string) =>
  seen(given as never).map((one) => ({ ...one, ...(part && { part }) })) as ReturnType<typeof seen>

describe('people', () => {
  it.each(['cloak', 'tutu', 'doublet', 'gown', 'cape'] as const)('a %s is kept away from flames', (garment) => {
    const { cautions } = match({ garment }, offerFrom({ called: 'taffeta' }))
    expect(cautions.map(({ id }) => id)).toContain('costume-flames')
  })
  it('stage drapes want a certificate, flannelette flashes over, glass is left alone', () => {
    const ids = (garment: Garment, described: Described) =>
      match({ garment }, offerFrom(described)).cautions.map(({ id }) => id)
    expect(ids('stage-drape', { called: 'velvet', fibres: ['cotton'] })).toContain('hanging-flames')
    expect(ids('shirt', { called: 'winceyette' })).toContain('surface-flash')
    expect(ids('shirt', { called: 'lawn' })).not.toContain('surface-flash')
    expect(ids('curtain', { fibres: ['glass'] })).toEqual(['glass-dust'])
  })
  it('sodium dithionite is kept dry', () => {
    const { cautions } = stripFor(mixOf(['cotton']))
    expect(joined(cautions)).toMatch(/dry, closed .* damp powder heats up by itself/)
  })
})

describe('fabric that would be spoilt', () => {
  const scour = (fibres: FibreId[], bath: 'reactive' | 'acid' | 'disperse') =>
    recipeFor(mixOf(fibres), bath, amountsFor(500, bath, 'medium'), 500).filter(({ id }) => id === 'scour')
  it('is scoured by its fibre', () => {
    for (const id of ['wool', 'silk'] as const)
      expect(joined(scour([id], 'acid'))).toMatch(/lukewarm .* without soda/)
    expect(joined(scour(['acetate'], 'disperse'))).toMatch(/lukewarm .* without soda/)
    expect(joined(scour(['polyester'], 'disperse'))).toMatch(/warm .* without soda/)
    for (const id of ['cotton', 'linen'] as const) expect(joined(scour([id], 'reactive'))).toMatch(/hot .* soda ash/)
  })
  it('soda crystals weigh 2.7 times soda ash (Na₂CO₃·10 H₂O over Na₂CO₃: 286.14 / 105.99 g/mol, IUPAC)', () => {
    expect(crystalsFor(10)).toBeCloseTo(27, 1)
    const { alkali, alkaliCrystals } = amountsFor(500, 'reactive', 'medium')
    expect(alkaliCrystals! / alkali!).toBeCloseTo(2.7, 1)
    const steps = recipeFor(mixOf(['cotton']), 'reactive', amountsFor(500, 'reactive', 'medium'), 500)
    expect(joined(steps)).toMatch(/soda ash, or \d+ g of soda crystals/)
  })
  it.each(['oilcloth', 'waxed cotton', 'vinyl'])('%s is neither pressed nor torn', (called) => {
    const steps = plan({ called })
    expect(textOf(steps, 'press')).toMatch(/Do not iron/)
    expect(textOf(steps, 'true-grain')).not.toMatch(/^(?:Tear|Draw)/)
  })
  it.each([
    ['velvet', /^Put a set square/],
    ['melton', /^Put a set square/],
    ['poplin', /^Tear/],
    ['linen', /^Pull one thread/],
    ['charmeuse', /^Pull one thread/],
  ])('the end of %s is made square as it can be', (called, expected) => {
    expect(textOf(plan({ called }, { willBeWashed: 'dry-clean' }), 'true-grain')).toMatch(expected)
  })
  it.each(['jersey', 'interlock', 'ponte'])('wet %s dries flat', (called) => {
    expect(textOf(plan({ called, fibres: ['cotton'] }), 'dry')).toMatch(/dry it flat/)
  })
  it('starch is washed out before hanging, and never put on what is dry-cleaned', () => {
    const kinds = plan({ called: 'chiffon', fibres: ['polyester'] }, {}, 'skirt-full').map(({ kind }) => kind)
    expect(kinds.indexOf('wash-out')).toBeLessThan(kinds.indexOf('hang'))
    const acetate = plan({ called: 'satin', fibres: ['acetate'] }, { willBeWashed: 'dry-clean' }, 'gown')
    expect(textOf(acetate, 'stabilise')).toMatch(/tissue/)
    expect(acetate.some(({ kind }) => kind === 'wash-out')).toBe(false)
  })
  it.each(['fleece', 'minky', 'sherpa'])('%s has a pile that melts, one way', (called) => {
    const offer = offerFrom({ called })
    expect([hasPile(offer), isOneWay(offer)]).toEqual([true, true])
    const { pressing, interfacing, warnings } = sew(called)
    expect([pressing.steam, interfacing.attach, pressing.ironDots <= 1]).toEqual([false, 'sew-in', true])
    expect(warnings.map(({ id }) => id)).toContain('sheds')
  })
  it.each(['loden', 'moleskin', 'suedecloth', 'velour'])('%s is one way', (called) => {
    expect(isOneWay(offerFrom({ called }))).toBe(true)
  })
  it.each(['tweed', 'gabardine', 'loden', 'wool flannel', 'melton', 'suiting', 'barathea', 'covert', 'doeskin'])(
    '%s of wool is steamed and dry-cleaned',
    (called) => {
      expect(careOf(offerFrom({ called, fibres: ['wool'] })).washCelsius).toBeNull()
      expect(textOf(plan({ called, fibres: ['wool'] }), 'wash')).toBe('')
      expect(textOf(plan({ called, fibres: ['wool'] }), 'press')).toMatch(/[Ss]team/)
    },
  )
})

describe('what was false', () => {
  it('wool and hair scorch and felt, they do not melt; two dots, steam, a press cloth', () => {
    for (const described of [
      { called: 'coating', fibres: ['hair'] },
      { called: 'loden' },
      { called: 'wool flannel' },
    ]) {
      const { warnings, pressing } = sewAdvice({ offer: offerFrom(described as Described) })
      expect(warnings.map(({ id }) => id)).not.toContain('iron-melts')
      expect(warnings.map(({ id }) => id)).toContain('iron-felts')
      expect(pressing).toMatchObject({ ironDots: 2, steam: true, pressCloth: true })
    }
  })
  it.each(['polypropylene'] as const)('%s is finger-pressed, and nothing is said of dots or steam', (fibre) => {
    const { pressing } = sewAdvice({ offer: offerFrom({ fibres: [fibre], construction: 'woven', gsm: 120 }) })
    expect(pressing.text).toMatch(/fingernail|clapper/)
    expect(pressing.text).not.toMatch(/dot|team/)
  })
  it('velvet’s seams are not pressed open, nor are those of what bears no iron', () => {
    for (const called of ['velvet', 'leather', 'oilcloth']) expect(order(called)).not.toContain('press-each-seam')
    expect(order('velvet')).toContain('open-seams-pile')
  })
  it('a French seam takes 15 mm: 9 and 6', () => {
    const { steps } = techniques.find(({ id }) => id === 'french')!
    expect(asPlainText(steps[0]!.text)).toMatch(/9 mm/)
    expect(asPlainText(steps.at(-1)!.text)).toMatch(/6 mm/)
  })
  it('the seam of gathers runs between the two rows', () => {
    const { steps } = techniques.find(({ name }) => name === 'Gathering evenly')!
    const texts = joined(steps)
    const rows = /(\d+) and (\d+) mm from the edge/.exec(texts)!
    const seam = Number(/between the rows, at (\d+) mm/.exec(texts)![1])
    expect(Number(rows[1])).toBeLessThan(seam)
    expect(Number(rows[2])).toBeGreaterThan(seam)
  })
  it('every third or fourth stitch is snipped', () => {
    const tearing = tearingOf(offerFrom({ called: 'canvas' }))
    const seam = { id: 's', kind: 'long', lengthMm: 800, count: 1, isTopstitched: false } as never
    expect(seamPlan(seam, 'plain', tearing, []).text).toMatch(/third or fourth/)
  })
  it('second-hand wool is frozen for two weeks in a home freezer', () => {
    const steps = plan({ called: 'tweed', fibres: ['wool'] }, { isSecondHand: true })
    expect(steps.map(({ kind }) => kind).slice(0, 3)).toEqual(['quarantine', 'freeze', 'air'])
    const freeze = steps.find(({ kind }) => kind === 'freeze')!
    expect(asPlainText(freeze.text)).toMatch(/two weeks at −18 °C/)
    expect(freeze.wait[0]).toBeGreaterThanOrEqual(14 * 24 * 60)
    expect(plan({ called: 'poplin' }, { isSecondHand: true }).map(({ kind }) => kind)).not.toContain('freeze')
    expect(textOf(plan({ called: 'poplin' }, { isMusty: true }), 'air')).toMatch(/mould/)
  })
  it.each(['poplin', 'cambric'])('%s is not called limp', (called) => {
    expect(sew(called).needle.text).not.toMatch(/limp/)
  })
  it('interfacing is said part by part', () => {
    const places = (called: string, garment: Garment, details: never[] = []) =>
      sewAdvice({ offer: offerFrom({ called }), garment, details }).interfacing.places
    const [shirt] = places('poplin', 'shirt', ['collar', 'cuffs'] as never[])
    expect(shirt!.id).toBe('collar-and-cuffs')
    expect(shirt!.gsm[0]).toBeGreaterThanOrEqual(40)
    expect(shirt!.gsm[1]).toBeLessThanOrEqual(80)
    const coat = places('coating', 'coat')
    expect(coat.map(({ kind }) => kind)).toEqual(expect.arrayContaining(['hair-canvas', 'stay-tape']))
    for (const { gsm } of coat) expect(gsm[1]).toBeLessThan(600)
  })
  it.each([
    [{ called: 'satin', fibres: ['viscose'] }, true],
    [{ called: 'taffeta', fibres: ['polyester'] }, true],
    [{ called: 'lining', fibres: ['cupro'] }, true],
    [{ called: 'winceyette' }, false],
    [{ called: 'terry' }, false],
    [{ called: 'calico', fibres: ['cotton'] }, false],
  ])('%j as a lining slides: %s', (described, slides) => {
    expect(slideOf(offerFrom(described as Described))!.value > 0.55).toBe(slides)
  })
  it('bengaline stretches along, and is cut crosswise', () => {
    const offer = offerFrom({ called: 'bengaline' })
    expect(offer.stretchLength!.value.value).toBeGreaterThan(offer.stretchWidth!.value.value + 5)
    const { remedies } = match({ garment: 'trousers', stretchPercent: { width: [12, 30] } }, offer)
    expect(remedies.map(({ id }) => id)).toContain('cut-crosswise')
    expect(clothCalled('bengaline')!.makes).toMatch(/crosswise/)
  })
  it.each([
    ['wool broadcloth', 'wool-broadcloth'],
    ['broadcloth', 'poplin'],
    ['grosgrain', 'grosgrain-fabric'],
    ['pongee', 'pongee'],
    ['habotai', 'habotai'],
    ['glass cloth', 'glass-cloth-linen'],
    ['Bedford cord', 'bedford-cord'],
  ])('%s is a %s', (words, id) => {
    expect(clothCalled(words)!.id).toBe(id)
  })
  it('pongee is slubby and habotai is not; crêpe de chine is opaque; power mesh is found as a net', () => {
    expect(clothCalled('pongee')!.marks.surface).toContain('slubby')
    expect(clothCalled('habotai')!.marks.surface).not.toContain('slubby')
    expect(clothCalled('crêpe de chine')!.opacity).toBe('opaque')
    const found = nameCloth({ inspection: { construction: ['net'] }, stretchPercent: { width: 100 }, gsm: 130 })
    expect(found.names.slice(0, 3).map(({ id }) => id)).toContain('power-mesh')
  })
  it('silk gum comes off near the boil', () => {
    const gum = softeningOf(offerFrom({ fibres: ['silk'], called: 'noil' })).find(({ id }) => id === 'silk-soap')!
    expect(asPlainText(gum.text)).toMatch(/90 to 95 °C/)
  })
  it('a hole in jersey is darned by loops or patched with jersey first', () => {
    const [first, second] = mendWays({ offer: offerFrom({ called: 'jersey' }), damage: 'hole', mm: 8 })
    expect([first!.id, second!.id]).toEqual(['knitted-darn', 'jersey-patch'])
    const ways = mendWays({ offer: offerFrom({ called: 'jersey' }), damage: 'hole', mm: 8 }).map(({ id }) => id)
    expect(ways).not.toContain('woven-darn')
  })
  it('synthetics blunt needles, and nobody says it of silk', () => {
    expect(joined(sew('charmeuse', undefined, { fibres: ['silk'] }).order)).not.toMatch(/synthetics/)
  })
  it('bending length is half the overhang (ASTM D1388 at 41.5°, from memory)', () => {
    expect(bendingLength({ value: 60, sd: 1 }).value).toBeCloseTo(3, 10)
  })
})

describe('identification', () => {
  it('wax and soot over cotton are the candle’s, not a synthetic’s', () => {
    const { verdict, hypotheses } = identify({
      observations: report({
        approach: 'unmoved',
        melting: 'none',
        'after-removal': 'burns-on',
        smoke: 'black-sooty',
        smell: ['paper', 'paraffin'],
        residue: 'soft-ash',
      }),
    })
    expect(verdict.ids).not.toContain('synthetic')
    expect(hypotheses[0]!.id).toBe('cotton')
  })
  it('wax on what melts and drips stays olefin’s', () => {
    const { fibres } = identify({
      observations: report({ melting: 'melts-drips', smell: 'paraffin', residue: 'hard-bead', float: 'floats' }),
    })
    expect(fibres[0]!.id).toBe('polypropylene')
  })
  it('a flat bright strip that melts is metal on a film', () => {
    const { warnings, verdict } = identify({
      observations: report({ melting: 'melts', residue: 'hard-bead', 'loupe-fibre': 'flat-strip', lustre: 'bright' }),
    })
    expect(warnings.map(({ id }) => id)).toContain('perhaps-metal-film')
    expect(verdict.text).toMatch(/metal on a polymer film/)
  })
  it('silk and wool burnt apart make silk with wool', () => {
    const burn = { smell: 'hair-feather', 'after-removal': 'dies-soon', residue: 'crushable-bead' }
    const { hypotheses } = identify({
      observations: [
        ...report({ ...burn, 'yarn-type': 'filament', 'loupe-fibre': 'smooth-rod' }, 'warp'),
        ...report({ ...burn, 'yarn-type': 'staple', 'loupe-fibre': 'scales' }, 'weft'),
      ],
    })
    expect(hypotheses[0]!.fibres.map(({ id }) => id).sort()).toEqual(['silk', 'wool'])
  })
  it('a smooth rod that keeps its strength in water is lyocell', () => {
    const { hypotheses } = identify({
      observations: report({
        'after-removal': 'burns-on',
        smell: 'paper',
        residue: 'soft-ash',
        'loupe-fibre': 'smooth-rod',
        'wet-strength': 'unchanged',
      }),
    })
    expect(hypotheses[0]!.id).toBe('lyocell')
  })
  it('no cloth is named far outside the weights that it is made in', () => {
    for (const [inspection, gsm] of [
      [{ interlacing: ['rib'] }, 1900],
      [{ construction: ['knit'], pile: ['cut'] }, 2600],
      [{ construction: ['woven'], interlacing: ['twill'] }, 2400],
    ] as const) {
      const { names, none } = nameCloth({ inspection, gsm })
      const wrong = names.filter(({ id, probability }) => {
        const { gsm: span } = namedCloths.find((one) => one.id === id)!
        return probability > 0.01 && (gsm > span[1] * 1.6 || gsm < span[0] / 1.6)
      })
      expect(wrong).toEqual([])
      expect(none).toBeGreaterThan(names[0]!.probability)
    }
  })
  it.each([
    ...['barathea', 'gazar', 'mikado', 'doeskin', 'covert', 'osnaburg', 'zibeline', 'Swiss darned tulle'],
    ...['English net', 'cotton drill twill tape', 'real leather', 'suede', 'fur', 'sheepskin', 'cork', 'raffia'],
  ])('%s is in the catalogue', (words) => {
    expect(clothCalled(words)).toBeDefined()
  })
  it.each([
    ['lyocell twill', 'twill-lyocell', 'lyocell'],
    ['viscose satin', 'satin', 'viscose'],
  ])('%s names a cloth and a fibre', (called, id, fibre) => {
    const offer = offerFrom({ called })
    expect(offer.called).toBe(id)
    expect(offer.fibres!.value).toEqual([fibre])
  })
  it.each(['wool', 'cashmere'])('%s names a fibre', (called) => {
    expect(offerFrom({ called }).fibres!.value).toHaveLength(1)
    expect(offerFrom({ called }).unknownName).toBeUndefined()
  })
})

describe('materials without threads', () => {
  it.each(MATERIAL_IDS)('%s is told in full', (id) => {
    const { recognise, burn, measure, store, clean, suits, needle, layout } = materialById(id)
    expect(recognise.length).toBeGreaterThan(0)
    for (const text of [burn.text, measure, store, clean, needle.text, layout.text])
      expect(asPlainText(text).length).toBeGreaterThan(5)
    expect(suits.length).toBeGreaterThan(2)
  })
  it('what gives off hydrogen chloride or cyanide must not be burnt', () => {
    for (const id of ['neoprene', 'foam', 'vinyl', 'leather'] as const)
      expect(materialById(id).burn.allowed).toBe(false)
  })
  it.each(['leather', 'suede', 'fur', 'sheepskin'])(
    '%s: leather needle, clips, no iron, no wash, flaws looked for',
    (called) => {
      const { needle, pinning, pressing, cutting } = sew(called, 'bag')
      expect([needle.point, pinning.id, pressing.ironDots, cutting.layers]).toEqual(['leather', 'clips', 0, 'single'])
      const steps = plan({ called })
      expect(steps.some(({ kind }) => kind === 'wash')).toBe(false)
      expect(steps.some(({ kind }) => kind === 'find-flaws')).toBe(true)
      expect(handlingOf(offerFrom({ called }))).not.toContain('frays')
    },
  )
  it('leather suits a bag and a jacket, and no shirt', () => {
    const verdict = (garment: Garment) => match({ garment }, offerFrom({ called: 'leather' })).verdict
    expect([verdict('bag'), verdict('jacket-casual')]).toEqual(['suits', 'suits'])
    expect(verdict('shirt')).toBe('unsuitable')
  })
  it('is named by having no threads', () => {
    const first = (inspection: object) => nameCloth({ inspection: inspection as never }).names[0]!.id
    expect(first({ construction: ['hide'], surface: ['smooth'], body: ['moderate'] })).toBe('leather')
    expect(first({ construction: ['hide'], surface: ['brushed'], pile: ['none'] })).toBe('suede')
    expect(first({ construction: ['sheet'], surface: ['foamy'] })).toMatch(/foam|neoprene/)
  })
  it('its holes stay when it is taken apart', () => {
    const seam = { id: 's', kind: 'long', lengthMm: 800, count: 1, isTopstitched: true } as never
    expect(seamPlan(seam, 'plain', tearingOf(offerFrom({ called: 'leather' })), []).because).toBe('holes-stay')
  })
  it('an ounce of leather is 1/64 inch; an ounce a square foot 305.15 g/m² (NIST SP 811)', () => {
    expect(leatherOunces(1.5875)).toBeCloseTo(4, 10)
    expect(leatherMm(leatherOunces(1.2))).toBeCloseTo(1.2, 10)
    expect(GSM_PER_OZ_FT2).toBeCloseTo(305.15, 2)
    for (const nothing of [0, -1, NaN]) expect(() => leatherOunces(nothing)).toThrow(RangeError)
  })
})

describe('sewing by kind', () => {
  it.each(['swimwear', 'underwear'] as const)(
    '%s of stretch knit: 75 stretch, elastic, gusset, zigzag',
    (garment) => {
      const { needle, stitch, hems } = sew('swim knit', garment)
      expect(needle).toMatchObject({ nm: [75, 75], point: 'stretch' })
      expect(['narrow-zigzag', 'stretch']).toContain(stitch.kind)
      expect(hems[0]!.id).toBe('elastic')
      expect(hems.map(({ id }) => id)).not.toContain('single-blind')
      expect(order('swim knit', garment)).toEqual(expect.arrayContaining(['elastic-every-edge', 'gusset-lining']))
      expect(order('swim knit', garment)).not.toContain('stay-tape-knit')
    },
  )
  it('a tailored coat has canvas, tape, pad stitching and a sleeve head', () => {
    expect(order('coating', 'coat')).toEqual(
      expect.arrayContaining(['canvas-and-tape', 'shape-with-iron', 'sleeve-head']),
    )
    expect(order('poplin', 'coat')).not.toContain('canvas-and-tape')
  })
  it('tailoring is looked into before it is taken apart, and old silk taffeta is doubted', () => {
    const cautions = (garment: 'blazer' | 'shirt', described: Described) =>
      tornDown({
        garment,
        offer: offerFrom(described),
        chestMm: null,
        hipMm: null,
        lengthMm: null,
        seams: 'unknown',
        worn: [],
      }).cautions.map(({ id }) => id)
    expect(cautions('blazer', { called: 'suiting' })).toContain('tailored-inside')
    expect(cautions('shirt', { called: 'poplin' })).not.toContain('tailored-inside')
    expect(cautions('shirt', { called: 'taffeta', fibres: ['silk'] })).toContain('old-silk-splits')
  })
  it('quilts, bags and costume have their own order', () => {
    expect(order('quilting cotton', 'quilt')).toEqual(expect.arrayContaining(['quarter-inch-seams', 'quilt-binding']))
    expect(order('canvas', 'bag')).toContain('bag-handles')
    expect(order('brocade', 'doublet')).toEqual(expect.arrayContaining(['let-out-allowances', 'quick-change']))
  })
  it('elastic is a per cent by place and width: narrow pulls more in than wide', () => {
    for (const place of ELASTIC_PLACES)
      for (const mm of [3, 6, 10, 25, 50]) {
        const [low, high] = elasticPercent(place, mm)
        expect(low).toBeLessThan(high)
        expect(low).toBeGreaterThanOrEqual(75)
        expect(high).toBeLessThan(100)
      }
    expect(elasticPercent('waist', 3)[1]).toBeLessThan(elasticPercent('waist', 50)[0])
    expect(() => elasticPercent('waist', 0)).toThrow(RangeError)
  })
})

describe('choosing', () => {
  it('leather is not told to be washed before it is cut', () => {
    const { reasons } = match({ garment: 'bag' }, offerFrom({ called: 'leather', washed: false }))
    expect(reasons.map(({ property }) => property)).not.toContain('washing')
  })
  it.each([
    ['napkin', { called: 'wool flannel' }],
    ['napkin', { called: 'satin', fibres: ['polyester'] }],
    ['raincoat', { called: 'linen' }],
    ['pillowcase', { called: 'suiting', fibres: ['wool'] }],
    ['towel', { called: 'poplin' }],
  ] as const)('the purpose of a %s decides: %j does not suit', (garment, described) => {
    expect(match({ garment }, offerFrom(described as Described)).verdict).not.toBe('suits')
  })
  it('nothing is ticked that is not known', () => {
    const { reasons } = match({ garment: 'shirt', season: 'hot' }, offerFrom({}))
    for (const { property, status } of reasons) if (property === 'season') expect(status).not.toBe('good')
  })
  it('a gathered skirt on elastic needs no fastening', () => {
    const { reasons } = match(
      { garment: 'skirt-full', details: ['gathers', 'elastic-waist', 'pull-on'] },
      offerFrom({ called: 'poplin' }),
    )
    expect(joined(reasons)).not.toMatch(/fastening/)
  })
})
