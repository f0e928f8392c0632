import { namedCloths } from '../cloths/catalogue'
import { offerFrom } from '../fabric/offer'
import { planPreparation } from '../prepare/prepare'
import { sewAdvice } from '../sew/advice'
import { refusalToWork } from '../sew/refusal'
import { DETAILS, GARMENTS } from '../vocabulary/choosing'
import { CONTRADICTIONS, type AllAdvice } from './contradictions'
import { statements } from './statements'
import { asPlainText } from '../text/render'

const household = { washerKg: 6, dryer: false, lineMetres: 12, celsius: 18, humidityPercent: 60 }
const stepsFor = (called: string, garment: (typeof GARMENTS)[number]) =>
  planPreparation(
    {
      pieces: [
        {
          id: 'main',
          offer: offerFrom({ called }),
          grams: 600,
          willBeWashed: 'warm',
          shade: 'light',
          bleeds: false,
          testSquare: 'passed',
        },
      ],
      project: { garment },
    },
    { household, free: [], schools: {} },
    () => 0.5,
  ).steps

describe('everything that is said', () => {
  const all = statements()
  it('has an id of its own, a source, and a fabric or a garment for which it is said', () => {
    expect(new Set(all.map(({ id, about }) => `${about} ${id}`)).size).toBe(all.length)
    for (const { id, source, firesFor, text } of all) {
      expect([id, source.length > 5, asPlainText(text).length > 5]).toEqual([id, true, true])
      expect([id, firesFor.length > 0]).toEqual([id, true])
    }
  })
})

describe('nothing contradicts itself', () => {
  it.each(namedCloths.map(({ id, name }) => [id, name.uk] as const))('%s, made into everything', (_, called) => {
    const offer = offerFrom({ called })
    if (refusalToWork(offer)) return
    for (const garment of GARMENTS)
      for (const lined of [false, true]) {
        // A plan is the same for all garments but for what is made of it at the end.
        const all: AllAdvice = {
          offer,
          sew: sewAdvice({ offer, garment, lined, details: DETAILS_OF_ALL }),
          steps: [],
        }
        expect([garment, contradicting(all)]).toEqual([garment, []])
      }
    for (const garment of ['skirt-full', 'swimwear', 'coat'] as const)
      expect([
        garment,
        contradicting({ offer, sew: sewAdvice({ offer, garment }), steps: stepsFor(called, garment) as never }),
      ]).toEqual([garment, []])
  })

  it('knows a contradiction when it sees one', () => {
    const offer = offerFrom({ called: 'leather' })
    const sew = sewAdvice({ offer, garment: 'bag' })
    const spoilt = { ...sew, pressing: { ...sew.pressing, steam: true } }
    expect(contradicting({ offer, sew: spoilt, steps: [] })).toEqual(['no iron, and steam, a press cloth or dots'])
    const twice = { ...sew, order: [...sew.order, { id: 'sew-twice', text: '', because: [] }] }
    expect(contradicting({ offer, sew: twice, steps: [] })).toEqual(['seam once, and sew twice'])
  })
})

const DETAILS_OF_ALL = DETAILS.filter((detail) => !['lined', 'unlined', 'quilted-layers'].includes(detail))

const contradicting = (all: AllAdvice) =>
  CONTRADICTIONS.filter(({ one, other }) => one(all) && other(all)).map(({ id }) => id)
