import { CARE_IDS, careSymbol } from '../vocabulary/care'
import { FIBRE_IDS } from '../vocabulary/fibres'
import { toleratesCare } from './toleratesCare'
import { careOf, type Care } from './care'
import { offerFrom } from './offer'

const care = (rest: Partial<Care>): Care => ({
  washCelsius: 40,
  tumble: 'low',
  ironDots: 2,
  isGentle: false,
  tenderest: null,
  ...rest,
})

it.each([
  ['wash-40', {}, true],
  ['wash-60', {}, false],
  ['wash-30-very-mild', {}, true],
  ['wash-30', { washCelsius: null }, false],
  ['iron-150', {}, true],
  ['iron-200', {}, false],
  ['iron-110', { ironDots: 0 }, false],
  ['tumble-low', {}, true],
  ['tumble-normal', {}, false],
  ['tumble-low', { tumble: 'never' }, false],
] as const)('%s of %j: %s', (id, rest, borne) => {
  expect(toleratesCare(id, care(rest))).toBe(borne)
})

it('has nothing to say of what forbids, bleaches, lies flat or goes to the cleaner', () => {
  for (const id of ['wash-never', 'iron-never', 'tumble-never', 'bleach-any', 'dry-flat', 'clean-p'] as const)
    expect([id, toleratesCare(id, care({}))]).toEqual([id, undefined])
})

it('what bears the hotter bears the cooler, of every fibre', () => {
  for (const fibre of FIBRE_IDS) {
    const own = careOf(offerFrom({ fibres: [fibre] }))
    for (const group of ['wash', 'iron'] as const) {
      const asked = CARE_IDS.filter((id) => careSymbol(id).group === group && careSymbol(id).celsius !== undefined)
      const borne = asked.filter((id) => toleratesCare(id, own)).map((id) => careSymbol(id).celsius!)
      const not = asked.filter((id) => toleratesCare(id, own) === false).map((id) => careSymbol(id).celsius!)
      expect(Math.max(0, ...borne)).toBeLessThan(Math.min(Infinity, ...not))
    }
  }
})
