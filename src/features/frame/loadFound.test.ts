import { shortNumberOf } from '@/core/pieces/shortNumber'
import { PLAIN_READER } from '@/core/text/render'
import { piece } from '../../../tests/support/ownPages'
import { loadFound } from './loadFound'

it('finds pieces, words of the trade, units and pages by one search', async () => {
  await piece('Moth-eaten wing', { called: 'flannel' })
  const found = async (text: string) =>
    (await loadFound(text, PLAIN_READER)).flatMap(({ items }) => items.map(({ href }) => href))
  expect((await found('moth-eaten')).some((href) => href.startsWith('/stash/'))).toBe(true)
  expect(await found('selvedge')).toContain('/learn/words#term-selvedge')
  expect(await found('selvage')).toContain('/learn/words#term-selvedge')
  expect(await found('momme')).toContain('/learn/units/momme')
  expect(await found('right side')).toContain('/learn/warp-and-nap')
  expect(await found('flannel')).toContain('/learn/fabrics/flannel')
})

it('finds a fabric by the number on its card, before anything else', async () => {
  const id = await piece('Boot sack')
  const found = async (text: string) =>
    (await loadFound(text, PLAIN_READER)).flatMap(({ items }) => items.map(({ href }) => href))
  expect((await found(shortNumberOf(id)))[0]).toBe(`/stash/${id}`)
  expect((await found(`Number ${shortNumberOf(id).toLowerCase()}`))[0]).toBe(`/stash/${id}`)
  expect(await found('000000')).not.toContain(`/stash/${id}`)
})
