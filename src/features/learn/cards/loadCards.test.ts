import { ironFor } from '@/core/fibres/irons'
import { FIBRE_IDS } from '@/core/vocabulary/fibres'
import { loadCards } from './loadCards'

const cards = loadCards('us')

it('has every fibre once on the burn chart and once by its iron, in the reader’s words', () => {
  const burnt = cards.burns.flatMap(({ fibres }) => fibres)
  expect(burnt.map(({ id }) => id).toSorted()).toEqual([...FIBRE_IDS].toSorted())
  expect(burnt.find(({ id }) => id === 'viscose')!.name).toBe('Rayon')
  for (const { seen } of burnt) expect(seen.every((says) => says.length > 0)).toBe(true)
  expect(cards.irons.flatMap(({ fibres }) => fibres)).toHaveLength(FIBRE_IDS.length)
  for (const { celsius, fibres } of cards.irons)
    if (fibres.includes('Silk')) expect(celsius).toBe(ironFor(['silk'])!.celsius)
})

it('says every size both ways, and cautions where a test can hurt', () => {
  for (const { nm, us } of cards.sizes) expect(nm.split(' to ')).toHaveLength(us.split(' to ').length)
  expect(cards.sizes.find(({ nm }) => nm === '75 to 80')!.us).toBe('11 to 12')
  for (const id of ['acetone', 'bleach']) expect(cards.tests.find((test) => test.id === id)!.caution).toBeTruthy()
})
