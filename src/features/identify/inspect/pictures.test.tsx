import { renderToStaticMarkup } from 'react-dom/server'
import { inspectionFeatures } from '@/core/cloths/inspection'
import { inspectionPicture } from './pictures'

const drawn = (feature: string, state: string) => renderToStaticMarkup(<>{inspectionPicture(feature, state)}</>)

it.each(inspectionFeatures.flatMap(({ id, states }) => states.map((state) => [id, state.id] as const)))(
  '%s: %s has a drawing',
  (feature, state) => {
    const markup = drawn(feature, state)
    expect(markup).toMatch(/cloth\.svg|data:image\/svg|<path/)
    expect(markup.includes('data:image') ? decodeURIComponent(markup) : markup).not.toMatch(/NaN|undefined/)
  },
)

it('answers to one question are drawn differently', () => {
  for (const { id, states } of inspectionFeatures)
    expect([id, new Set(states.map((state) => drawn(id, state.id))).size]).toEqual([id, states.length])
})
