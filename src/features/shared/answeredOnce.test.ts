import { piece, db } from '../../../tests/support/ownPages'
import { headers, sentHeaders } from '../../../tests/support/ownNext'
import { allRecords } from '@/server/store/repository'
import { valueOf } from './outcome'
import { REQUEST_KEY } from './requestKey'

/** A request of its own, as each action has one. */
function request(key: string) {
  const one = { get: (name: string) => (name === REQUEST_KEY ? key : null) }
  jest.mocked(headers).mockImplementation(() => Promise.resolve(one))
}
afterEach(() => sentHeaders.clear())

test('sent again under its key it is done once, and answered as before', async () => {
  const work = jest.fn(() => Promise.resolve('kept'))
  request('key-of-the-first')
  expect(await valueOf(work)).toEqual({ ok: true, value: 'kept' })
  request('key-of-the-first')
  expect(await valueOf(work)).toEqual({ ok: true, value: 'kept' })
  expect(work).toHaveBeenCalledTimes(1)
  request('key-of-another')
  await valueOf(work)
  expect(work).toHaveBeenCalledTimes(2)
})

test('while it is under way the second one waits for the first', async () => {
  let end: (value: string) => void = () => undefined
  const work = jest.fn(() => new Promise<string>((resolve) => (end = resolve)))
  request('key-under-way')
  const first = valueOf(work)
  while (work.mock.calls.length === 0) await new Promise((resolve) => setTimeout(resolve, 1))
  request('key-under-way')
  const second = valueOf(work)
  await new Promise((resolve) => setTimeout(resolve, 5))
  end('kept')
  expect([await first, await second]).toEqual([
    { ok: true, value: 'kept' },
    { ok: true, value: 'kept' },
  ])
  expect(work).toHaveBeenCalledTimes(1)
})

test('what was refused is tried anew, and what fails is not remembered', async () => {
  const work = jest.fn().mockRejectedValueOnce(new Error('a fault')).mockResolvedValue('kept')
  request('key-of-a-fault')
  await expect(valueOf(work)).rejects.toThrow('a fault')
  request('key-of-a-fault')
  expect(await valueOf(work)).toEqual({ ok: true, value: 'kept' })
})

test('two outcomes of one request are two', async () => {
  request('key-of-two')
  expect(await valueOf(() => Promise.resolve(1))).toEqual({ ok: true, value: 1 })
  expect(await valueOf(() => Promise.resolve(2))).toEqual({ ok: true, value: 2 })
})

test('a piece that is kept is kept once, however often it is sent', async () => {
  for (let i = 0; i < 3; i++) {
    request('key-of-a-piece')
    await valueOf(() => piece('Awning'))
  }
  expect((await allRecords(db, 'piece')).kept).toHaveLength(1)
})
