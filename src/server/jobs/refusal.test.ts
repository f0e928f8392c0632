import { problemOfHeavy } from '../api/problem'
import { HeavyRefusal, isHeavyRefusal, refusalOf } from './refusal'
import { throwReported, reportErrors } from './reported'
import { NotebookTrouble } from '../store/trouble'

const named = (name: string, message: string, more: object = {}) =>
  Object.assign(new Error(message), { name, ...more })

test.each([
  [named('Error', 'Worker terminated due to reaching memory limit', { code: 'ERR_WORKER_OUT_OF_MEMORY' }), 'large'],
  [named('AbortError', 'The task has been aborted'), 'stopped'],
  [named('Error', 'Task queue is at limit'), 'busy'],
  [new HeavyRefusal('long'), 'long'],
])('what the pool throws is told by why: %s', (error, why) => {
  expect(refusalOf(error)).toMatchObject({ name: 'HeavyRefusal', why })
})

test('another error stays one', () => {
  expect(refusalOf(new TypeError('x is not a function'))).toBeUndefined()
  expect(isHeavyRefusal(named('HeavyRefusal', 'of another bundle'))).toBe(true)
})

test.each([
  ['busy', 503],
  ['large', 413],
  ['long', 422],
  ['stopped', 409],
] as const)('%s is a %i', async (why, status) => {
  const answer = problemOfHeavy(new HeavyRefusal(why), 'file')!
  expect(answer.status).toBe(status)
  expect(answer.headers.has('retry-after')).toBe(why === 'busy')
  expect((await answer.json()).error.message).toMatch(/[a-z].*\.$/)
})

test('what a thread tells of the notebook is the same error at the other end', async () => {
  const full = reportErrors(() =>
    Promise.reject(named('SqliteError', 'database or disk is full', { code: 'SQLITE_FULL' })),
  )
  await expect(full(0).then(throwReported)).rejects.toMatchObject({ name: 'NotebookTrouble', kind: 'full' })
  const busy = reportErrors(() => Promise.reject(named('NotebookBusyError', 'Another program writes.')))
  await expect(busy(0).then(throwReported)).rejects.toMatchObject({
    name: 'NotCommittedError',
    message: 'Another program writes.',
  })
  const words = reportErrors(() => Promise.reject(new RangeError('This is no calendar.')))
  await expect(words(0).then(throwReported)).rejects.toThrow('This is no calendar.')
  expect(throwReported(await reportErrors((n: number) => Promise.resolve(n + 1))(1))).toBe(2)
  expect(new NotebookTrouble('full', 'x').kind).toBe('full')
  await expect(reportErrors(() => Promise.reject(new TypeError('a fault')))(0)).rejects.toThrow('a fault')
})
