import { drafts } from '@/core/weave/drafts'
import { resizeDraft } from './Grid'

it('cuts a weave off, or repeats it', () => {
  expect(resizeDraft(drafts.plain!, 3, 1)).toEqual([[true, false, true]])
  expect(resizeDraft(drafts.twill!, 8, 8).slice(4)).toEqual(resizeDraft(drafts.twill!, 8, 4))
  expect(resizeDraft(resizeDraft(drafts.twill!, 8, 8), 4, 4)).toEqual(drafts.twill)
})
