import { MOST_TOGETHER, planAllProjects } from './planAllProjects'

const begun = (count: number) => Array.from({ length: count }, (_, i) => ({ project: { id: `p${i}` } }))
const ids = (some: readonly { project: { id: string } }[]) => some.map(({ project }) => project.id)

it('plans those that were begun first, and lets the others wait', () => {
  const [first, waiting] = planAllProjects(begun(MOST_TOGETHER + 3), undefined)
  expect(ids(first)).toEqual(ids(begun(MOST_TOGETHER)))
  expect(ids(waiting)).toEqual([`p${MOST_TOGETHER}`, `p${MOST_TOGETHER + 1}`, `p${MOST_TOGETHER + 2}`])
})

it('has the asked one among them, in its own place, whoever waits for it', () => {
  const last = `p${MOST_TOGETHER + 2}`
  const [first, waiting] = planAllProjects(begun(MOST_TOGETHER + 3), last)
  expect(ids(first)).toEqual([...ids(begun(MOST_TOGETHER - 1)), last])
  expect(ids(waiting)).toContain(`p${MOST_TOGETHER - 1}`)
})

it('lets nobody wait where there are few', () => {
  expect(planAllProjects(begun(3), 'p1')).toEqual([begun(3), []])
})
