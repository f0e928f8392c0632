import { spawnSync } from 'node:child_process'
import {
  chmodSync,
  copyFileSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  rmSync,
  truncateSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Database from 'libsql'
import { PieceSchema } from '../../core/notebook/kinds/piece'
import { notebook, notebookTrouble } from '../database'
import { openNotebook } from '../store/openNotebook'
import { allRecords, createRecord } from '../store/repository'
import { claim, release } from './claim'
import { examine } from './examine'
import { rescue } from './rescue'
import { isProtected, troubleOf } from '../store/signs'

const AT = '2026-01-02T03:04:05.000Z'
const PIECES = 400
let sound: string

/** A notebook of some hundred pages, closed. */
beforeAll(async () => {
  sound = join(mkdtempSync(join(tmpdir(), 'rough-swatch-sound-')), 'notebook.sqlite')
  const db = await openNotebook(sound)
  for (let i = 0; i < PIECES; i++)
    await createRecord(db, 'piece', PieceSchema.parse({ name: `piece ${i}`, notes: 'x'.repeat(900) }), AT)
  await db.destroy()
})

/** The same notebook in a folder of its own, with something done to its bytes. */
function copyWith(harm: (file: string) => void): string {
  const file = join(mkdtempSync(join(tmpdir(), 'rough-swatch-harmed-')), 'notebook.sqlite')
  copyFileSync(sound, file)
  harm(file)
  return file
}

function overwrite(file: string, from: number, length: number) {
  const bytes = readFileSync(file)
  bytes.fill(0x5a, from, from + length)
  writeFileSync(file, bytes)
}

const HARMS: [string, 'damaged' | 'newer' | 'older' | 'foreign', (file: string) => void][] = [
  ...[1, 100, 4096, 5000].map((bytes): [string, 'damaged', (file: string) => void] => [
    `shorter by ${bytes} bytes`,
    'damaged',
    (file) => truncateSync(file, readFileSync(file).length - bytes),
  ]),
  [
    'another program’s',
    'foreign',
    (file) => {
      rmSync(file)
      const db = new Database(file)
      db.exec('create table songs (id integer primary key, title text)')
      db.close()
    },
  ],
  ['corrupt at the head', 'damaged', (file) => overwrite(file, 0, 100)],
  ['corrupt in the middle', 'damaged', (file) => overwrite(file, 4096 * 40, 4096 * 3)],
  ['cut in half', 'damaged', (file) => truncateSync(file, Math.floor(readFileSync(file).length / 2))],
  ['a text', 'damaged', (file) => writeFileSync(file, 'velvet, 3 m')],
  [
    'of a later program',
    'newer',
    (file) => {
      const db = new Database(file)
      db.exec(`insert into kysely_migration values ('9999_not_yet', '${AT}')`)
      db.close()
    },
  ],
  [
    'of a program that is too old',
    'older',
    (file) => {
      const db = new Database(file)
      db.exec(`delete from kysely_migration; insert into kysely_migration values ('0001_first_notebook', '${AT}')`)
      db.close()
    },
  ],
]

it.each(HARMS)('a notebook that is %s is found, and not a byte of it is changed', async (_, kind, harm) => {
  const file = copyWith(harm)
  const before = readFileSync(file)
  await expect(examine(file)).rejects.toMatchObject({ name: 'NotebookTrouble', kind })
  expect(readFileSync(file).equals(before)).toBe(true)
})

it('a folder by its name is told', async () => {
  const file = join(mkdtempSync(join(tmpdir(), 'rough-swatch-folder-')), 'notebook.sqlite')
  mkdirSync(file)
  await expect(examine(file)).rejects.toMatchObject({ name: 'NotebookTrouble', kind: 'no-file' })
})

it('a sound one passes, and one that is not there yet', async () => {
  await expect(examine(sound)).resolves.toBeUndefined()
  await expect(examine(join(tmpdir(), 'rough-swatch-nowhere', 'x.sqlite'))).resolves.toBeUndefined()
})

it('of a damaged one everything is rescued that can be read', () => {
  const lines = rescue(copyWith((file) => overwrite(file, 4096 * 40, 4096 * 3)))
  expect(lines.length).toBeGreaterThan(PIECES * 0.8)
  expect(lines.length).toBeLessThan(PIECES)
  // Each of them whole, and none twice, wherever in the file the damage is.
  const names = lines.map((line) => (JSON.parse(JSON.parse(line).data) as { name: string }).name)
  expect(new Set(names).size).toBe(names.length)
  expect(names.filter((name) => !/^piece \d+$/.test(name))).toEqual([])
  expect(rescue(copyWith((file) => overwrite(file, 0, 100)))).toEqual([])
  expect(rescue(sound)).toHaveLength(PIECES)
})

it('belongs to one process at a time, and to nobody once that has died', () => {
  const file = copyWith(() => {})
  claim(file)
  const other = () =>
    spawnSync(
      process.execPath,
      [
        '-e',
        `const D = require('libsql'); const db = new D(process.argv[1] + '.lock')
         try { db.exec('begin exclusive'); process.exit(0) } catch { process.exit(7) }`,
        file,
      ],
      { cwd: process.cwd() },
    ).status
  expect(other()).toBe(7)
  claim(file)
  release(file)
  expect(other()).toBe(0)
  claim(file)
  release(file)
})

describe('the person’s own notebook', () => {
  const own = globalThis as {
    roughSwatchNotebook?: unknown
    roughSwatchTrouble?: unknown
    roughSwatchNightly?: unknown
  }
  const before = process.env.ROUGH_SWATCH_HOME
  beforeEach(() => {
    own.roughSwatchNotebook = undefined
    own.roughSwatchTrouble = undefined
  })
  afterAll(() => {
    process.env.ROUGH_SWATCH_HOME = before
  })

  it('is shown from a copy where it is protected, and cannot be written', async () => {
    const file = copyWith((path) => chmodSync(path, 0o444))
    expect(isProtected(file)).toBe(true)
    process.env.ROUGH_SWATCH_HOME = join(file, '..')
    const bytes = readFileSync(file)
    const db = await notebook()
    expect(await notebookTrouble()).toMatchObject({ kind: 'read-only' })
    expect((await allRecords(db, 'piece')).kept).toHaveLength(PIECES)
    await expect(createRecord(db, 'piece', PieceSchema.parse({ name: 'late' }), AT)).rejects.toMatchObject({
      kind: 'read-only',
    })
    expect(readFileSync(file).equals(bytes)).toBe(true)
    await db.destroy()
  })

  it('that is damaged while it is open is not touched again, and said to be', async () => {
    const file = copyWith(() => {})
    process.env.ROUGH_SWATCH_HOME = join(file, '..')
    const db = await notebook()
    expect(await notebookTrouble()).toBeUndefined()
    expect(own.roughSwatchNightly).toBeDefined()
    // The connection has pages in memory: everything but the head is gone beneath it.
    overwrite(file, 4096 * 2, readFileSync(file).length - 4096 * 2)
    await expect(allRecords(db, 'piece')).rejects.toMatchObject({ kind: 'damaged' })
    // Nor is it backed up: that would put a damaged copy among the sound ones.
    expect(own.roughSwatchNightly).toBeUndefined()
    expect(await notebookTrouble()).toMatchObject({ kind: 'damaged' })
    release(file)
  })

  it('cannot lie where a file is', async () => {
    process.env.ROUGH_SWATCH_HOME = join(sound, 'folder')
    expect(await notebookTrouble()).toMatchObject({ kind: 'folder' })
  })
})

it.each([
  [{ code: 'SQLITE_FULL' }, 'full'],
  [{ code: 'ENOSPC' }, 'full'],
  [{ code: 'SQLITE_CORRUPT', message: 'database disk image is malformed' }, 'damaged'],
  [{ message: 'file is not a database' }, 'damaged'],
  [{ code: 'EROFS' }, 'folder'],
  [{ message: 'attempt to write a readonly database' }, 'read-only'],
  [{ code: 'SQLITE_CONSTRAINT' }, undefined],
  [undefined, undefined],
])('%p is a sign of %p', (error, kind) => {
  expect(troubleOf(error)?.kind).toBe(kind)
})
