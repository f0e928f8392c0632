import { anything } from '../../../../tests/support/anything'
import { db, piece } from '../../../../tests/support/ownPages'
import { ownHome } from '../../../../tests/support/ownHome'
import { readdirSync } from 'node:fs'
import { makeBackup } from '@/server/backup/backups'
import { allRecords } from '@/server/store/repository'
import { takeBackStroke } from '../../shared/history/actions'
import { dropPiece } from '../actions'
import { restore } from './actions'
import { loadSafe } from './load'
import { sendNotebook } from './sendNotebook'

const home = ownHome()
const names = async () => (await allRecords(db, 'piece')).kept.map(({ data }) => data.name).sort()

describe('what is kept safe', () => {
  it('a backup is put back whole, and what was there before is the next one', async () => {
    await piece('Awning')
    const { name } = await makeBackup(db, home, 'asked', '2026-05-02T11:00:00.000Z')
    await piece('Bunting')
    await dropPiece((await allRecords(db, 'piece')).kept.find(({ data }) => data.name === 'Awning')!.id)
    expect(await names()).toEqual(['Bunting'])
    expect(await restore(name)).toEqual({ ok: true })
    expect(await names()).toEqual(['Awning'])
    const { backups, pieces } = await loadSafe()
    expect(pieces).toBe(1)
    expect(backups.map(({ why }) => why).sort()).toEqual(['asked', 'before-restoring'])
  })
  it.each(['../../etc/passwd', '2020-01-01T00-00-00-000Z-asked.sqlite', '', 'x'.repeat(200), 7])(
    'no backup is called %p, and nothing is changed',
    async (name) => {
      await piece('Awning')
      const before = readdirSync(home, { recursive: true }).length
      expect(await restore(anything(name))).toMatchObject({ ok: false })
      expect(await names()).toEqual(['Awning'])
      expect(readdirSync(home, { recursive: true })).toHaveLength(before)
    },
  )
  it('what was thrown away lies in the bin under its name, and comes out of it', async () => {
    await dropPiece(await piece('Awning'))
    const { bin } = await loadSafe()
    expect(bin).toMatchObject([{ title: 'Awning', what: 'a fabric', others: 0 }])
    expect(await takeBackStroke(bin[0]!.stroke)).toMatchObject({ ok: true })
    expect(await names()).toEqual(['Awning'])
    expect((await loadSafe()).bin).toEqual([])
  })
})

describe('sending a notebook in', () => {
  const file = new File(['{}'], 'notebook.json')
  const answers = (status: number, ...lines: string[]) =>
    jest.spyOn(globalThis, 'fetch').mockResolvedValueOnce(new Response(lines.join('\n'), { status }))
  const send = (isTrial = true) => {
    const heard: number[] = []
    const sent = sendNotebook(file, isTrial, new AbortController().signal, ({ done }) => heard.push(done))
    return sent.then((outcome) => ({ outcome, heard }))
  }
  afterEach(() => jest.restoreAllMocks())

  it('tells how far it is, line by line, and what came of it', async () => {
    const asked = answers(
      200,
      '{"progress":{"done":5,"of":9}}',
      '{"progress":{"done":9,"of":9}}',
      '{"status":200,"body":{"created":7,"changed":1,"same":1,"pictures":0,"picturesRefused":0}}',
    )
    const { outcome, heard } = await send()
    expect(heard).toEqual([5, 9])
    expect(outcome).toMatchObject({ ok: true, created: 7, changed: 1, same: 1 })
    expect(asked.mock.calls[0]![0]).toContain('trial=1')
  })
  it('tells a refusal with the places that it was refused for, whenever it comes', async () => {
    const error = { message: 'It is not a notebook.', issues: [{ path: 'records[3].name', message: 'is empty' }] }
    answers(200, JSON.stringify({ status: 422, body: { error } }))
    expect((await send()).outcome).toEqual({ ok: false, ...error })
    answers(422, JSON.stringify({ error }))
    expect((await send(false)).outcome).toEqual({ ok: false, ...error })
  })
  it('that is cut off, or never answered, has taken nothing in', async () => {
    const unreached = { ok: false, issues: [], message: expect.stringContaining('Nothing was imported') as unknown }
    answers(200, '{"progress":{"done":5,"of":9}}', '{"stat')
    expect((await send()).outcome).toEqual(unreached)
    jest.spyOn(globalThis, 'fetch').mockRejectedValueOnce(new TypeError('gone'))
    expect((await send()).outcome).toEqual(unreached)
  })
  it('that was stopped by the person says nothing', async () => {
    const stopped = AbortSignal.abort()
    jest.spyOn(globalThis, 'fetch').mockRejectedValueOnce(new DOMException('stopped', 'AbortError'))
    expect(await sendNotebook(file, true, stopped, () => undefined)).toBeUndefined()
  })
})
