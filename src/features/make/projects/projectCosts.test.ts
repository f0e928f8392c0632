import { costLines, costTotal } from './projectCosts'
import { moneyText } from '@/core/units/money'

const THREAD = { what: 'supply: thread', label: 'cotton thread, 80 to 120 m' }
const ZIP = { what: 'supply: zip', label: '1 zip' }

test('each thing has its price, once, and what is on no list any more stays', () => {
  const costs = [
    { what: ZIP.what, amount: 2.5 },
    { what: 'lace', amount: 4 },
  ]
  const lines = costLines([THREAD, ZIP, THREAD], costs)
  expect(lines).toEqual([
    { ...THREAD, amount: null },
    { ...ZIP, amount: 2.5 },
    { what: 'lace', label: 'lace', amount: 4 },
  ])
  expect(costTotal(lines)).toEqual({ sum: 6.5, open: 1 })
})

test('a thing that is reckoned anew keeps its price', () => {
  const [line] = costLines([{ ...THREAD, label: 'cotton thread, 160 to 240 m' }], [{ what: THREAD.what, amount: 3 }])
  expect(line).toEqual({ what: THREAD.what, label: 'cotton thread, 160 to 240 m', amount: 3 })
})

test('a supply that the envelope asks for itself by now is called plainly', () =>
  expect(costLines([], [{ what: ZIP.what, amount: 2 }])[0]!.label).toBe('zip'))

test('what cost nothing has its price', () => {
  expect(costTotal(costLines([ZIP], [{ what: ZIP.what, amount: 0 }]))).toEqual({ sum: 0, open: 0 })
})

test('money is written with its currency where there is one', () => {
  expect(moneyText(6.5, '£')).toBe('£6.50')
  expect(moneyText(6.5, '')).toBe('6.50')
})
