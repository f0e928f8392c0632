import { capitalise } from '../../units/format'
import { isWithoutThreads, materialOf } from '../../fabric/materialOf'
import { type Offer } from '../../fabric/types'
import { wordFor } from '../../vocabulary/words'
import { type FullNeed } from '../need/need'
import { type Assessment } from '../fit/types'
import { CERTAINTY, IMPORTANCE, NAMED_STRUCTURE, unknownAssessment } from '../fit/weights'
import { isLaidOver } from './adapt'
import { knownKey, type Criterion } from './criterion'

/** Woven, knit or neither, as the pattern is drafted. */
export const STRUCTURE: Criterion = {
  id: 'structure',
  reads: ({ construction }) => knownKey(construction),
  judge: judgeStructure,
}

function judgeStructure(need: FullNeed, offer: Offer): Assessment {
  const { structure: wanted, anyConstruction } = need
  const { construction } = offer
  const importance = IMPORTANCE.structure
  const want = wanted === 'either' ? 'woven or knit' : wanted
  if (!construction)
    return unknownAssessment(
      'structure',
      importance,
      `The pattern needs a ${want}; whether this is one is not known.`,
    )
  const { value, how } = construction
  const certainty = how === 'estimated' ? NAMED_STRUCTURE : CERTAINTY[how]
  if (isWithoutThreads(offer)) return ofMaterial(need, offer, certainty)
  const layered = value === 'net' && isLaidOver(need)
  if (anyConstruction || layered) {
    const text = layered
      ? 'Net or lace, over a lining or in gathered layers.'
      : 'We judge this fabric by its behaviour, not by how it is made.'
    return { property: 'structure', importance, fit: layered ? 0.9 : 1, certainty, miss: null, text }
  }
  const fits = value === wanted || (wanted === 'either' && (value === 'woven' || value === 'knit'))
  // A felt has no give and no threads, but cuts and sews as a firm woven does.
  const fit = fits ? 1 : value === 'felted' && wanted !== 'knit' ? 0.85 : 0.05
  const text = fits
    ? `${capitalise(value)}, as the pattern needs.`
    : `The pattern is drafted for a ${want} fabric; this one is ${value}.`
  return { property: 'structure', importance, fit, certainty, miss: null, text }
}

/** A skin or a sheet suits what it is made into by custom, and hardly anything else. */
function ofMaterial({ garment, anyConstruction }: FullNeed, offer: Offer, certainty: number): Assessment {
  const material = materialOf(offer)
  const rule = { property: 'structure' as const, importance: IMPORTANCE.structure, certainty, miss: null }
  if (anyConstruction)
    return { ...rule, fit: 1, text: 'We judge this fabric by its behaviour, not by how it is made.' }
  if (!material || garment === undefined)
    return { ...rule, fit: 0.3, text: 'It has no threads: a pattern for fabric has to be adapted to it.' }
  const name = wordFor(material.name, 'uk')
  return material.suits.includes(garment)
    ? { ...rule, fit: 0.95, text: `Garments like this are made of ${name}; sew a test seam first, since holes stay.` }
    : {
        ...rule,
        fit: 0.05,
        text: `Garments like this are not made of ${name}: it neither drapes nor washes as the pattern needs.`,
      }
}
