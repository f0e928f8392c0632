import { CARE_IDS } from '../vocabulary/care'
import { namedCloths } from '../cloths/catalogue'
import { careLabelOf } from './careLabel'
import { offerFrom } from './offer'

const label = (...called: string[]) => careLabelOf(called.map((one) => offerFrom({ called: one })))

it('takes the strictest of all parts in each matter', () => {
  const cotton = careLabelOf([offerFrom({ called: 'calico', fibres: ['cotton'] })])
  expect(cotton).toEqual(expect.arrayContaining(['iron-200', 'dry-line', 'clean-p']))
  const lined = careLabelOf([
    offerFrom({ called: 'calico', fibres: ['cotton'] }),
    offerFrom({ called: 'lining', fibres: ['acetate'] }),
  ])
  expect(lined).toEqual(
    expect.arrayContaining(['iron-110', 'tumble-never', 'dry-flat', 'bleach-never', 'clean-p-mild']),
  )
})

it('puts nothing into water that one part cannot bear, and no film to the cleaner', () => {
  expect(label('melton', 'calico')).toEqual(expect.arrayContaining(['wash-never', 'tumble-never', 'bleach-never']))
  expect(label('melton', 'calico')).not.toContain('dry-line')
  expect(label('oilcloth')).toContain('clean-never')
  expect(label('silk twill')[0]).toMatch(/mild|never/)
})

it('is made of symbols that there are, one of each matter, for every cloth', () => {
  for (const { name } of namedCloths) {
    const own = label(name.uk)
    expect(own.every((id) => CARE_IDS.includes(id))).toBe(true)
    expect(own.filter((id) => id.startsWith('wash-'))).toHaveLength(1)
    expect(own.filter((id) => id.startsWith('iron-'))).toHaveLength(1)
  }
})
