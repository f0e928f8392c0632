import { namedCloths } from '../cloths/catalogue'
import { type NamedCloth } from '../cloths/types'
import { careOf } from '../fabric/care'
import { offerFrom } from '../fabric/offer'
import { shrinkOf } from '../fabric/shrink'
import { type Offer } from '../fabric/types'
import { fibreById } from '../fibres/catalogue'
import { families } from '../fibres/families'
import { IRON_DOTS } from '../fibres/irons'
import { plainWords } from '../search/slips'
import { sewAdvice } from '../sew/advice'
import { countNoun, formatWeightRange, type UnitSystem } from '../units/format'
import { FIBRE_IDS, FIBRE_WORDS, type FibreId } from '../vocabulary/fibres'
import { inCelsius, stitchLengthMm } from '../text/amounts'
import { type Phrase, phrase, upperFirst } from '../text/text'

/** What a question asks about. */
type Subject =
  | { kind: 'fabric'; id: string; name: string; offer: Offer; fabric: NamedCloth }
  | { kind: 'fibre'; id: FibreId; name: string; offer: Offer }

/** An answer in one line, and what it is about. */
export interface ShortAnswer {
  kind: Subject['kind']
  id: string
  /** “Needle for denim”. */
  title: string
  text: Phrase
}

interface Asked {
  id: string
  title: string
  /** Words of a question that ask for it. */
  words: RegExp
  text: (subject: Subject, units: UnitSystem) => Phrase | null
}

const ASKED: readonly Asked[] = [
  {
    id: 'needle',
    title: 'Needle',
    words: /^needles?$/,
    text: ({ offer }) => {
      const { nm, point } = sewAdvice({ offer }).needle
      return `${nm[0]} to ${nm[1]}, ${point === 'ball-point' ? 'ball point' : `${point} point`}.`
    },
  },
  {
    id: 'thread',
    title: 'Thread',
    words: /^threads?$/,
    text: ({ offer }) => {
      const [first] = sewAdvice({ offer }).thread.choices
      return first ? first.text : null
    },
  },
  {
    id: 'stitch',
    title: 'Stitch',
    words: /^stitch(?:es)?$/,
    text: ({ offer }) => {
      const { mm, kind } = sewAdvice({ offer }).stitch
      return phrase`${kind.replace('-', ' ')}, ${stitchLengthMm(...mm)} long.`
    },
  },
  { id: 'seam', title: 'Seam', words: /^seams?$/, text: ({ offer }) => firstText(sewAdvice({ offer }).seams) },
  { id: 'hem', title: 'Hem', words: /^hem(?:s|ming)?$/, text: ({ offer }) => firstText(sewAdvice({ offer }).hems) },
  {
    id: 'iron',
    title: 'Ironing',
    words: /^(?:iron(?:s|ed|ing)?|press(?:ed|ing)?)$/,
    text: ({ offer }) => {
      const { ironDots } = careOf(offer)
      const celsius = IRON_DOTS[ironDots]
      if (celsius === null) return 'Do not iron it.'
      return phrase`Iron at up to ${inCelsius(celsius)} (${countNoun(ironDots, 'dot')}). Test on a scrap first.`
    },
  },
  {
    id: 'wash',
    title: 'Washing',
    words: /^(?:wash(?:ed|es|ing|able)?|launder(?:ed|ing)?|laundry|machine)$/,
    text: ({ offer }) => {
      const { washCelsius, isGentle } = careOf(offer)
      if (washCelsius === null) return 'Do not wash it: dry clean.'
      return phrase`Wash at up to ${inCelsius(washCelsius)}${isGentle ? ', gently' : ''}. The care label comes first.`
    },
  },
  {
    id: 'tumble',
    title: 'Tumble dryer',
    words: /^(?:tumble|dryer|drier|dry)$/,
    text: ({ offer }) =>
      ({ never: 'Do not tumble dry it.', low: 'Tumble dry it on low.', normal: 'You can tumble dry it.' })[
        careOf(offer).tumble
      ],
  },
  {
    id: 'shrinkage',
    title: 'Shrinkage',
    words: /^(?:shrink(?:s|age|ing)?|preshrink|prewash(?:ed|ing)?)$/,
    text: ({ offer }) => {
      const { value, sd } = shrinkOf(offer).value.length
      const [low, high] = [Math.max(0, Math.round(value - sd)), Math.round(value + sd)]
      return `It usually shrinks by ${low} to ${high} % in length in its first washes.`
    },
  },
  {
    id: 'dye',
    title: 'Dyeing',
    words: /^dye(?:s|d|ing)?$/,
    text: (subject) => {
      const { mix = [] } = subject.offer
      const [main] = mix
      return main ? phrase`${FIBRE_WORDS[main.fibre].uk} ${fibreById(main.fibre).dye.text}.` : null
    },
  },
  {
    id: 'burn',
    title: 'Burn test',
    words: /^(?:burn(?:s|t|ed|ing)?|flame|smells?|melts?|ash|bead)$/,
    text: ({ offer }) => {
      const [main] = offer.mix ?? []
      return main ? families[fibreById(main.fibre).family].about : null
    },
  },
  {
    id: 'weight',
    title: 'Weight',
    words: /^(?:weigh(?:s|t|ed)?|heavy|gsm|oz)$/,
    text: (subject, units) =>
      subject.kind === 'fabric' ? `Usually ${formatWeightRange(subject.fabric.gsm, units)}.` : null,
  },
]

const firstText = ([first]: readonly { text: Phrase }[]) => (first ? first.text : null)

function subjectOf(fabric: NamedCloth): Subject {
  const name = fabric.name.uk
  return {
    kind: 'fabric',
    id: fabric.id,
    name: name.toLowerCase(),
    offer: offerFrom({ called: name }, fabric),
    fabric,
  }
}

/** Names of fabrics and fibres by their plain words, UK and US. */
const SUBJECTS: ReadonlyMap<string, Subject> = new Map([
  ...namedCloths.flatMap((fabric) => {
    const subject = subjectOf(fabric)
    return [fabric.name.uk, fabric.name.us, ...fabric.also].map((name): [string, Subject] => [
      plainWords(name).join(' '),
      subject,
    ])
  }),
  // A fibre's own name means the fibre, where a fabric has it as well.
  ...FIBRE_IDS.flatMap((id) => {
    const { uk, us, also } = FIBRE_WORDS[id]
    const offer = offerFrom({ fibres: [{ fibre: id, share: 'all' }] })
    return [uk, us, ...also].map((name): [string, Subject] => [
      plainWords(name).join(' '),
      { kind: 'fibre', id, name: uk, offer },
    ])
  }),
])
const MOST_WORDS = Math.max(...[...SUBJECTS.keys()].map((name) => name.split(' ').length))

/**
 * Answers a question that names a fabric or a fibre and asks one thing about it: “what needle for denim”, “can I iron
 * polyester”.
 * @returns one for each thing that is asked; none where the text names nothing that is known, or asks nothing
 */
export function shortAnswers(text: string, units: UnitSystem = 'metric'): ShortAnswer[] {
  const words = plainWords(text)
  const subject = subjectIn(words)
  if (!subject) return []
  return ASKED.filter((asked) => words.some((word) => asked.words.test(word))).flatMap((asked) => {
    const told = asked.text(subject, units)
    if (told === null) return []
    const { kind, id, name } = subject
    return [{ kind, id, title: `${asked.title} for ${name}`, text: upperFirst(told) }]
  })
}

/** The longest name among the words. */
function subjectIn(words: readonly string[]): Subject | undefined {
  for (let length = Math.min(MOST_WORDS, words.length); length > 0; length--)
    for (let at = 0; at + length <= words.length; at++) {
      const name = words.slice(at, at + length).join(' ')
      const found = SUBJECTS.get(name) ?? SUBJECTS.get(name.replace(/s$/, ''))
      if (found) return found
    }
  return undefined
}

/** What is asked most of a fabric, answered: rows for its page. */
export function fabricFacts(fabric: NamedCloth): { title: string; value: Phrase }[] {
  const subject = subjectOf(fabric)
  return ['needle', 'stitch', 'iron', 'wash', 'shrinkage'].flatMap((id) => {
    const asked = ASKED.find((one) => one.id === id)
    const value = asked?.text(subject, 'metric')
    return asked && value ? [{ title: asked.title, value: upperFirst(value) }] : []
  })
}
