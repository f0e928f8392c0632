import { type Phrase, phrase } from '../text/text'
import { namedCloths } from '../cloths/catalogue'
import { FLAME_RULES } from '../choose/flame'
import { fullNeed } from '../choose/need/need'
import { MATERIAL_IDS, materialById } from '../materials/materials'
import { SOFTENING_RULES } from '../prepare/softening'
import { SEW_RULES } from '../sew/advice'
import { PLACE_RULES } from '../sew/interfacingPlaces'
import { SewCase } from '../sew/sewCase'
import { toldCases, type StatementCase } from './toldCases'

/** Something that the program says, with where it comes from and when it is said. */
export interface Statement {
  id: string
  about: string
  text: Phrase
  source: string
  /** Names of fabrics (and what is made of them) for which it is said. */
  firesFor: string[]
}

const COMMON = 'common practice'

/** Everything that the rules may say, so that it can be read in one place. */
export function statements(): Statement[] {
  const cases = toldCases()
  const sewn = cases.map((told) => ({ told, c: new SewCase(told) }))
  const wordsOf = (found: readonly { words: string }[]) => [...new Set(found.map(({ words }) => words))]
  const sew = Object.entries(SEW_RULES).flatMap(([about, rules]) =>
    rules.map(({ id, text, source = COMMON, when }) => ({
      id,
      about,
      text,
      source,
      firesFor: wordsOf(sewn.filter(({ c }) => when(c)).map(({ told }) => told)),
    })),
  )
  const places = PLACE_RULES.map((rule) => ({
    id: `interfaced-${rule.id}`,
    about: 'Interfacing by part',
    text: phrase`${rule.place}: ${rule.text}`,
    source: COMMON,
    firesFor: [...(rule.garments ?? []), ...(rule.details ?? [])],
  }))
  const softening = SOFTENING_RULES.map(({ id, text, when }) => ({
    id,
    about: 'Softening',
    text,
    source: COMMON,
    firesFor: wordsOf(cases.filter(({ offer }) => when(offer))),
  }))
  return [...sew, ...places, ...softening, ...flames(cases), ...ofMaterials()]
}

function flames(cases: readonly StatementCase[]): Statement[] {
  return FLAME_RULES.map(({ id, text, when }) => ({
    id,
    about: 'Flame',
    text,
    source: `${COMMON}; regulations from memory`,
    firesFor: cases.flatMap(({ words, offer, garment }) =>
      when({ need: fullNeed(garment ? { garment } : {}), garment, offer }) ? [words] : [],
    ),
  }))
}

function ofMaterials(): Statement[] {
  return MATERIAL_IDS.flatMap((id) => {
    const { recognise, burn, measure, store, clean, layout, again, source } = materialById(id)
    const firesFor = namedCloths.flatMap(({ material, name }) => (material === id ? [name.uk] : []))
    const parts = {
      recognise: recognise.join(' '),
      burn: burn.text,
      measure,
      store,
      clean,
      layout: layout.text,
      again,
    }
    return Object.entries(parts).map(([part, text]) => ({
      id: `${id}-${part}`,
      about: `Materials: ${id}`,
      text,
      source,
      firesFor,
    }))
  })
}
