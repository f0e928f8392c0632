import { match } from '@/core/choose/match'
import { offerFrom } from '@/core/fabric/offer'
import { needWords } from './needWords'
import { pinsOf, propertyWords } from '../../shared/choose/words'

it('pins a slip for each thing that is wrong, from the top down, none over another', () => {
  const pins = pinsOf(match({ garment: 'coat', details: ['lapel'] }, offerFrom({ called: 'voile' })))
  expect(pins.length).toBeGreaterThan(1)
  expect(pins.length).toBeLessThanOrEqual(4)
  pins.slice(1).forEach((pin, index) => expect(pin.at - pins[index]!.at).toBeGreaterThanOrEqual(0))
  expect(pins.map(({ label }) => label)).toContain('weight')
  expect(pinsOf(match({ garment: 'jeans' }, offerFrom({ called: 'denim' })))).toEqual([])
})

it('says what a pattern asks for in the person’s own units and words', () => {
  expect(needWords({ garment: 'trousers', details: ['zip'] }, 'metric', 'uk')).toBe(
    'trousers; woven; 160 to 350 g/m²; any drape but fluid and stiff; with zip',
  )
  expect(needWords({ garment: 'trousers', details: ['zip'] }, 'imperial', 'us')).toBe(
    'pants; woven; 4.7 to 10.3 oz/yd²; any drape but fluid and stiff; with zipper',
  )
  expect(propertyWords('patch-pockets')).toBe('patch pockets')
})
