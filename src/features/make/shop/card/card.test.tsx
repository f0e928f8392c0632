/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react'
import { type ReactNode } from 'react'
import { familiarWeights } from '@/core/cloths/familiar'
import { PreferencesProvider } from '../../../shared/settings/PreferencesContext'
import { Falls } from './Falls'
import { LengthBars } from './LengthBars'
import { WeightScale } from './WeightScale'

const value = { units: 'metric', words: 'uk', paper: 'a4', theme: 'system', motion: 'still', spanMm: 1650 } as const
const show = (part: ReactNode) => render(<PreferencesProvider value={value}>{part}</PreferencesProvider>).container
const percent = (css: string) => Number(css.replace('%', ''))

describe('the scale of weights', () => {
  const familiar = familiarWeights('uk')
  it('has its familiar fabrics in the order of their weight', () => {
    const weights = familiar.map(({ gsm }) => gsm)
    expect(weights).toEqual(weights.toSorted((a, b) => a - b))
  })
  it.each([[[20, 60]], [[100, 140]], [[65, 270]], [[300, 300]], [[400, 1400]]] as const)(
    'draws %p within its line, with names that do not run into one another',
    (gsm) => {
      const drawn = show(<WeightScale gsm={gsm} familiar={familiar} />)
      const may = drawn.querySelector<HTMLElement>('.may')!.style
      expect(percent(may.left)).toBeGreaterThanOrEqual(0)
      expect(percent(may.left) + percent(may.width)).toBeLessThanOrEqual(100.001)
      const marks = [...drawn.querySelectorAll<HTMLElement>('.mark')].map(({ style }) => percent(style.left))
      marks.sort((a, b) => a - b)
      expect(marks.length).toBeGreaterThan(0)
      marks.forEach((at, i) => i > 0 && expect(at - marks[i - 1]!).toBeGreaterThanOrEqual(24 - 1e-9))
    },
  )
  it('names what weighs as much, also for those who cannot see it', () => {
    show(<WeightScale gsm={[85, 140]} familiar={familiar} />)
    expect(screen.getByRole('img').getAttribute('aria-label')).toMatch(/85 to 140 g\/m².*shirting/)
  })
})

it('draws lengths to one scale, each with its words, and a line at every metre', () => {
  const rows = [
    { widthMm: 1150, lengthMm: 4000, text: '4 m' },
    { widthMm: 1500, lengthMm: 2000, text: '2 m' },
  ]
  const bars = [...show(<LengthBars rows={rows} longestMm={4000} />).querySelectorAll<HTMLElement>('.bar')]
  expect(bars.map(({ style }) => style.width)).toEqual(['100%', '50%'])
  expect(bars.map(({ style }) => style.backgroundSize)).toEqual(['25% 100%', '50% 100%'])
  // The wider fabric is drawn wider, in the same proportion.
  const [narrow, wide] = bars.map(({ style }) => parseFloat(style.height))
  expect(wide! / narrow!).toBeCloseTo(1500 / 1150, 5)
  expect(screen.getByText('4 m')).toBeTruthy()
})

it('draws each fall that will do, and nothing where any will', () => {
  const drawn = show(<Falls bodies={['soft', 'crisp']} />)
  expect(screen.getByRole('list').getAttribute('aria-label')).toBe('soft or crisp drape')
  expect(drawn.querySelectorAll('svg')).toHaveLength(2)
  expect(show(<Falls bodies={[]} />).textContent).toBe('')
})
