import { type Offer } from '../../fabric/types'
import { type Need } from '../../notebook/schemas/need'
import { judgeSet } from './set'
import { type ClothSet, type Interfacing, type Partner, type SetAnswer } from './types'

/** A piece that may take a place in a set. */
export interface SetCandidate {
  id: string
  offer: Offer
}

/** A set from the stash; null where nothing of it serves, so that it has to be bought. */
export interface StashSet {
  main: string
  partners: Partial<Record<Partner, string | null>>
  answer: SetAnswer
  toBuy: Partner[]
}

export interface SetsAsked {
  need: Need
  mains: readonly SetCandidate[]
  /** What may take each place that the pattern has, the likelier first. */
  partners: Partial<Record<Partner, readonly SetCandidate[]>>
}

/** So many mains are tried, and so many partners for each place. */
const [MOST_MAINS, MOST_PARTNERS] = [8, 12]
/** A partner that leaves less of the score than this is none. */
const LEAST_KEPT = 0.72

/** An interfacing as a piece of the stash is one: how it is put on is read off its name. */
export function interfacingOf({ construction, called = '', gsm, unknownName = '' }: Offer): Interfacing {
  const made = construction?.value
  return {
    gsm: gsm?.value.value,
    construction: made === 'knit' || made === 'woven' ? made : made === undefined ? undefined : 'nonwoven',
    attach: /fusible|iron-?on/i.test(`${called} ${unknownName}`) ? 'fusible' : undefined,
  }
}

/** Cloths that are sold to hold others, or have long been used so. Common practice. */
const HOLDS: readonly string[] = [
  'interfacing-woven',
  'interfacing-knit',
  'interfacing-nonwoven',
  'hair-canvas',
  'organza',
  'organdie',
  'calico',
  'batiste',
  'buckram',
]
const FILLS: readonly string[] = ['wadding', 'bump', 'fleece', 'blanket-cloth']

/** Whether a piece of the stash would be thought of at all for a place. */
export function mayServe(partner: Partner, { called = '' }: Offer): boolean {
  return partner === 'lining' || (partner === 'interfacing' ? HOLDS : FILLS).includes(called)
}

/** The set with one more piece in it. */
export function setWith(set: ClothSet, partner: Partner, offer: Offer): ClothSet {
  switch (partner) {
    case 'lining':
      return { ...set, lining: offer }
    case 'interfacing':
      return { ...set, interfacing: interfacingOf(offer) }
    case 'wadding':
      return { ...set, wadding: { gsm: offer.gsm?.value.value, offer } }
  }
}

/**
 * The best sets of a stash for a pattern, the best first: each main cloth with the partner that leaves most of its
 * score, place by place; what nothing serves for is to buy.
 */
export function bestSets({ need, mains, partners }: SetsAsked, most = 3): StashSet[] {
  return mains
    .slice(0, MOST_MAINS)
    .map((main) => setAround(main, need, partners))
    .sort((a, b) => b.answer.score - a.answer.score || a.toBuy.length - b.toBuy.length)
    .slice(0, most)
}

function setAround(main: SetCandidate, need: Need, partners: SetsAsked['partners']): StashSet {
  let set: ClothSet = { main: main.offer }
  const chosen: StashSet['partners'] = {}
  for (const [partner, candidates] of Object.entries(partners) as [Partner, readonly SetCandidate[]][]) {
    const before = judgeSet(set, need).score
    const best = candidates
      .filter(({ id }) => id !== main.id && !Object.values(chosen).includes(id))
      .slice(0, MOST_PARTNERS)
      .map(({ id, offer }) => ({ id, offer, score: judgeSet(setWith(set, partner, offer), need).score }))
      .sort((a, b) => b.score - a.score)[0]
    const serves = best !== undefined && best.score >= before * LEAST_KEPT
    chosen[partner] = serves ? best.id : null
    if (serves) set = setWith(set, partner, best.offer)
  }
  const toBuy = (Object.keys(chosen) as Partner[]).filter((partner) => chosen[partner] === null)
  return { main: main.id, partners: chosen, answer: judgeSet(set, need), toBuy }
}
