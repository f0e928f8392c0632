import { existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { sql } from 'kysely'
import Database from 'libsql'
import { PieceSchema } from '../../core/notebook/kinds/piece'
import { migrations } from '../store/migrations'
import { openNotebook, type Notebook } from '../store/openNotebook'
import { exportedJson } from '../exchange/exporting'
import { historyOf, takeBack } from '../store/history'
import { allRecords, changeRecord, createRecord } from '../store/repository'
import { backupFile, backups, BACKUPS_KEPT, backupsIn, countedBackups, makeBackup, backUpNightly } from './backups'
import { restoreBackup } from './restoring'

const DAY = (day: number) => new Date(Date.UTC(2026, 4, day, 10)).toISOString()
const PICTURE = '01a21579-3d26-76d0-8c1d-456012720fa9.jpg'
let home: string
let db: Notebook
beforeEach(async () => {
  home = mkdtempSync(join(tmpdir(), 'rough-swatch-backup-'))
  db = await openNotebook(join(home, 'notebook.sqlite'))
})
afterEach(() => db.destroy())

const put = (name: string, more: object = {}, at = DAY(1)) =>
  createRecord(db, 'piece', PieceSchema.parse({ name, ...more }), at)
const names = async () => (await allRecords(db, 'piece')).kept.map(({ data }) => data.name)
async function text(): Promise<string> {
  let all = ''
  for await (const part of exportedJson(db, DAY(1))) all += part
  return all
}

it('is a whole notebook by itself, with its pictures, under a name that tells when and why', async () => {
  mkdirSync(join(home, 'pictures'))
  writeFileSync(join(home, 'pictures', PICTURE), 'a picture')
  await put('Lobby curtain', { pictures: [{ name: PICTURE, says: '' }] })
  const made = await makeBackup(db, home, 'asked', DAY(2))
  expect(made).toMatchObject({ at: DAY(2), why: 'asked' })
  expect(await backups(home)).toEqual([made])
  const copy = new Database(backupFile(home, made.name)!)
  expect(copy.prepare('select title from record').all()).toEqual([{ title: 'Lobby curtain' }])
  copy.close()
  expect(readFileSync(join(backupsIn(home), 'pictures', PICTURE), 'utf8')).toBe('a picture')
  expect(readdirSync(backupsIn(home)).filter((name) => name.endsWith('.part'))).toEqual([])
})

it('is made nightly where something was written since, and not otherwise', async () => {
  expect(await backUpNightly(db, home, DAY(1))).toBeUndefined()
  await put('First')
  expect(await backUpNightly(db, home, DAY(2))).toMatchObject({ why: 'nightly' })
  expect(await backUpNightly(db, home, DAY(4))).toBeUndefined()
  await put('Second', {}, DAY(5))
  expect(await backUpNightly(db, home, new Date(Date.parse(DAY(2)) + 3_600_000).toISOString())).toBeUndefined()
  expect(await backUpNightly(db, home, DAY(6))).toMatchObject({ at: DAY(6) })
})

it('keeps the latest, and those from before an update', async () => {
  await makeBackup(db, home, 'before-update', DAY(1))
  for (let day = 2; day < BACKUPS_KEPT + 5; day++) await makeBackup(db, home, 'asked', DAY(day))
  const kept = await backups(home)
  expect(kept).toHaveLength(BACKUPS_KEPT + 1)
  expect(kept.at(-1)).toMatchObject({ why: 'before-update' })
  expect(kept[0]).toMatchObject({ at: DAY(BACKUPS_KEPT + 4) })
})

it('is put back in one stroke, which can be taken back, after a backup of what was there', async () => {
  const first = await put('First')
  const second = await put('Second')
  const before = await text()
  const { name } = await makeBackup(db, home, 'asked', DAY(2))
  await changeRecord(db, 'piece', first, { ...first.data, name: 'Renamed' }, DAY(3))
  await put('Third')
  const lost = await text()
  expect(await restoreBackup(db, home, name, DAY(4))).toEqual({ created: 0, changed: 1, same: 1, removed: 1 })
  expect(await text()).toBe(before)
  expect((await backups(home))[0]).toMatchObject({ why: 'before-restoring' })
  const [stroke] = await historyOf(db, first.id)
  await takeBack(db, stroke!.stroke, DAY(5))
  expect((await names()).toSorted()).toEqual(['Renamed', 'Second', 'Third'])
  expect(lost).toContain('Renamed')
  expect((await historyOf(db, second.id)).length).toBe(1)
})

it('puts back pictures that were swept up since', async () => {
  mkdirSync(join(home, 'pictures'))
  writeFileSync(join(home, 'pictures', PICTURE), 'a picture')
  await put('With a picture', { pictures: [{ name: PICTURE, says: '' }] })
  const { name } = await makeBackup(db, home, 'asked', DAY(2))
  rmSync(join(home, 'pictures', PICTURE))
  await restoreBackup(db, home, name, DAY(3))
  expect(readFileSync(join(home, 'pictures', PICTURE), 'utf8')).toBe('a picture')
})

it('never reads what is no backup, and does nothing with a damaged one', async () => {
  await put('First')
  for (const name of ['../notebook.sqlite', 'notebook.sqlite', 'x', '2026-05-02T10-00-00-000Z-asked.sqlite'])
    expect(await restoreBackup(db, home, name, DAY(3))).toBeUndefined()
  const { name } = await makeBackup(db, home, 'asked', DAY(2))
  writeFileSync(join(backupsIn(home), name), 'SQLite format 3\0 and nothing more')
  await expect(restoreBackup(db, home, name, DAY(3))).rejects.toMatchObject({
    kind: expect.stringMatching(/damaged|foreign/),
  })
  expect(await names()).toEqual(['First'])
})

it('is made before a notebook of an older program is brought up to date', async () => {
  const file = join(home, 'old', 'notebook.sqlite')
  mkdirSync(join(home, 'old'))
  const older = await openNotebook(file)
  await createRecord(older, 'piece', PieceSchema.parse({ name: 'Lobby curtain' }), DAY(1))
  await older.destroy()
  await takeBackLastStep(file)
  const asked: string[] = []
  const updated = await openNotebook(file, undefined, async (before) => {
    asked.push((await makeBackup(before, join(home, 'old'), 'before-update', DAY(1))).name)
  })
  await updated.destroy()
  const copy = new Database(backupFile(join(home, 'old'), asked[0]!)!)
  // As it was: the steps of then.
  expect(copy.prepare('select count(*) as n from record').get()).toMatchObject({ n: 1 })
  expect(copy.prepare('select name from kysely_migration').all()).toEqual(
    Object.keys(migrations)
      .slice(0, -1)
      .map((name) => ({ name })),
  )
  copy.close()
  expect(existsSync(file)).toBe(true)
  const again = await openNotebook(file, undefined, () => Promise.reject(new Error('not older')))
  await again.destroy()
})

describe('a backup that is none', () => {
  const spoilt = async (how: (file: string) => void) => {
    await put('Lobby curtain')
    const { name } = await makeBackup(db, home, 'asked', DAY(2))
    how(backupFile(home, name)!)
    return name
  }
  const emptied = (sql: string) => (file: string) => {
    const copy = new Database(file)
    copy.exec(sql)
    copy.close()
  }

  it.each<[string, (file: string) => void]>([
    ['a file with nothing in it', (file) => writeFileSync(file, '')],
    ['one whose records are gone', emptied('delete from reference; delete from record')],
    ['one without its tables', emptied('drop table change')],
    [
      'another program’s file',
      (file) => {
        rmSync(file)
        emptied('create table songs (name text)')(file)
      },
    ],
    ['an empty one of an older program', emptied('delete from reference; delete from record; drop table backed_up')],
  ])('%s is not put back, and nothing of the notebook goes', async (_, how) => {
    const name = await spoilt(how)
    const before = await text()
    await expect(restoreBackup(db, home, name, DAY(4))).rejects.toMatchObject({
      kind: expect.stringMatching(/damaged|foreign/),
    })
    expect(await text()).toBe(before)
    expect((await countedBackups(home)).find((one) => one.name === name)!.counted).toBeNull()
  })
  it('says how much is in it, where it is one', async () => {
    await put('Lobby curtain')
    await put('Bar towel')
    await makeBackup(db, home, 'asked', DAY(2))
    expect((await countedBackups(home))[0]!.counted).toEqual({ records: 2, pieces: 2 })
  })
})

it('dated in the future does not stop the nightly ones', async () => {
  await put('First')
  await makeBackup(db, home, 'asked', '2031-01-01T10:00:00.000Z')
  await put('Second', {}, DAY(2))
  expect(await backUpNightly(db, home, DAY(3))).toMatchObject({ at: DAY(3), why: 'nightly' })
  expect(await backUpNightly(db, home, DAY(3))).toBeUndefined()
})

/** A notebook as it was before its last step. */
async function takeBackLastStep(file: string): Promise<void> {
  const db = await openNotebook(file)
  const [name, step] = Object.entries(migrations).at(-1)!
  await step.down!(db)
  await sql`delete from kysely_migration where name = ${name}`.execute(db)
  await db.destroy()
}
