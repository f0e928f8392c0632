import { renderToStaticMarkup } from 'react-dom/server'
import { burnFeatures, features, otherFeatures } from '@/core/identify/features'
import { identify } from '@/core/identify/identify'
import { FAMILIES } from '@/core/vocabulary/fibres'
import { families } from '@/core/fibres/families'
import { BODIES } from '@/core/vocabulary/cloth'
import { CARE_IDS, careSymbol } from '@/core/vocabulary/care'
import { CareDrawing } from './care/CareDrawing'
import { EMPTY_DRAWINGS, type EmptyDrawing } from './empty/drawings'
import { EmptyState } from './empty/EmptyState'
import { Skeins } from './belief/Skeins'
import { AnswerDrawing, BurnStrip, HowDrawing, STRIP_PLACES } from './burn'
import { ClothSwatch } from './cloth/Cloth'
import { HeldUp } from './cloth/HeldUp'
import { tileUrl } from './cloth/tileUrl'

const tile = {
  weave: 'twill',
  warp: '#3f7d70',
  weft: '#efe9dc',
  accent: undefined,
  colouring: 'plain',
  sheen: 0.3,
} as const

describe('answers', () => {
  const drawn = features.flatMap(({ id, states }) => states.map((state) => [id, state.id] as const))

  it.each(drawn)('%s: %s has a drawing', (feature, state) => {
    const markup = renderToStaticMarkup(<AnswerDrawing feature={feature} state={state} />)
    expect(markup).toMatch(/<(path|circle|rect|ellipse)/)
    expect(markup).toContain('aria-hidden="true"')
    expect(markup).not.toMatch(/NaN|undefined/)
  })

  it('are drawn differently wherever they differ', () => {
    for (const { id, states } of features) {
      const markups = states.map((state) => renderToStaticMarkup(<AnswerDrawing feature={id} state={state.id} />))
      expect([id, new Set(markups).size]).toEqual([id, states.length])
    }
  })

  it('of every test at the table stand beside a drawing of how it is done', () => {
    const drawings = otherFeatures.map(({ id }) => renderToStaticMarkup(<HowDrawing feature={id} />))
    expect(drawings.every((markup) => /<(path|circle|rect|ellipse)/.test(markup))).toBe(true)
    expect(new Set(drawings).size).toBe(otherFeatures.length)
  })
})

describe('the strip', () => {
  const strip = (seen: Record<string, string[]>, here?: string) =>
    renderToStaticMarkup(
      <BurnStrip
        seen={seen}
        here={here}
        describe={(asked) => asked.map((id) => seen[id]?.join(' ') ?? 'not seen').join(', ')}
      />,
    )

  it('asks every burn feature at one of its places', () => {
    expect(STRIP_PLACES.flatMap(({ features: asked }) => [...asked] as string[])).toEqual(
      burnFeatures.map(({ id }) => id),
    )
  })

  it('says in words what it shows, and marks where the question is', () => {
    const markup = strip({ smell: ['paper'], smoke: ['pale'] }, 'air')
    expect(markup).toContain('pale, paper')
    expect(markup.match(/aria-current="step"/g)).toHaveLength(1)
  })

  it('changes with each answer', () => {
    const empty = strip({})
    for (const { id, states } of burnFeatures) {
      const changed = states.map((state) => strip({ [id]: [state.id] }))
      expect([id, changed.some((markup) => markup !== empty)]).toEqual([id, true])
    }
  })

  it('draws two residues beside one another', () => {
    const one = strip({ residue: ['soft-ash'] })
    const two = strip({ residue: ['soft-ash', 'hard-specks-in-ash'] })
    expect(two.length).toBeGreaterThan(one.length)
    expect(two).toContain('scale(0.62)')
  })
})

describe('skeins', () => {
  const strands = (markup: string) =>
    markup
      .split('<li')
      .slice(1)
      .map((item) => item.match(/stroke-linecap="round"/g)!.length - 1)

  it('hang in one order, with names and per cents, thick where belief is strong', () => {
    const belief = identify({
      observations: [
        { feature: 'smell', states: ['hair-feather'] },
        { feature: 'residue', states: ['crushable-bead'] },
      ],
    }).families
    const markup = renderToStaticMarkup(<Skeins belief={belief} />)
    const places = FAMILIES.map((id) => markup.indexOf(`>${families[id].name}<`))
    expect(places.every((place, index) => place > (places[index - 1] ?? -1))).toBe(true)
    const thickness = strands(markup)
    const protein = FAMILIES.indexOf('protein')
    expect(thickness[protein]).toBe(Math.max(...thickness))
    expect(Math.min(...thickness)).toBeGreaterThanOrEqual(1)
    expect(markup).toMatch(/likely to be in it/)
  })

  it('keep a thread for every family, even one that is ruled out', () => {
    const markup = renderToStaticMarkup(<Skeins belief={[]} />)
    expect(strands(markup)).toEqual(FAMILIES.map(() => 1))
  })
})

describe('cloth held up', () => {
  it('falls in more folds and closer the softer it is', () => {
    const folds = BODIES.map(
      (body) => renderToStaticMarkup(<HeldUp tile={tile} body={body} label="cloth" />).match(/Q/g)!.length,
    )
    folds.slice(1).forEach((count, index) => expect(count).toBeLessThanOrEqual(folds[index]!))
    expect(folds[0]).toBeGreaterThan(folds.at(-1)!)
  })

  it('is drawn from the same tile as the swatch', () => {
    const address = tileUrl(tile).replaceAll('&', '&amp;')
    expect(renderToStaticMarkup(<HeldUp tile={tile} body="soft" label="x" />)).toContain(address)
    expect(renderToStaticMarkup(<ClothSwatch tile={tile} label="A swatch" />)).toContain(address)
  })
})

describe('care symbols', () => {
  const drawn = CARE_IDS.map((id) => ({ id, markup: renderToStaticMarkup(<CareDrawing id={id} />) }))

  it('are each drawn differently, with the temperature in the tub', () => {
    expect(new Set(drawn.map(({ markup }) => markup)).size).toBe(CARE_IDS.length)
    for (const { id, markup } of drawn) {
      const { group, celsius } = careSymbol(id)
      if (group === 'wash' && celsius && id !== 'wash-hand')
        expect([id, markup.includes(`>${celsius}<`)]).toEqual([id, true])
    }
  })

  it('cross out what is forbidden, and nothing else', () => {
    for (const { id, markup } of drawn)
      expect([id, markup.includes('M8 6l48 48')]).toEqual([id, careSymbol(id).never === true])
  })

  it('have a dot for each step of heat of the iron (ISO 3758: one at 110 °C, three at 200 °C)', () => {
    const dots = (id: string) => drawn.find((one) => one.id === id)!.markup.match(/<circle/g)?.length ?? 0
    expect(['iron-110', 'iron-150', 'iron-200', 'iron-never'].map(dots)).toEqual([1, 2, 3, 0])
  })
})

it('an empty page shows, dashed, what will stand there, says it, and has one way to begin', () => {
  const names = Object.keys(EMPTY_DRAWINGS) as EmptyDrawing[]
  const drawn = names.map((name) =>
    renderToStaticMarkup(
      <EmptyState drawing={name} text="Your fabrics will lie here.">
        <a href="/stash/add">Add a fabric</a>
      </EmptyState>,
    ),
  )
  expect(new Set(drawn).size).toBe(names.length)
  for (const markup of drawn) {
    expect(markup).toContain('stroke-dasharray')
    expect(markup).toMatch(/Your fabrics will lie here\..*href="\/stash\/add"/)
  }
})
