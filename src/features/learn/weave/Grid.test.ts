import { drafts } from '@/core/weave/drafts'
import { resized } from './Grid'

it('cuts a weave off, or repeats it', () => {
  expect(resized(drafts.plain!, 3, 1)).toEqual([[true, false, true]])
  expect(resized(drafts.twill!, 8, 8).slice(4)).toEqual(resized(drafts.twill!, 8, 4))
  expect(resized(resized(drafts.twill!, 8, 8), 4, 4)).toEqual(drafts.twill)
})
