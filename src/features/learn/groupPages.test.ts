import { AT, db, piece } from '../../../tests/support/ownPages'
import { readAddress } from '../shared/address/address'
import { compareAddress } from './compare/compareAddress'
import { TestSeamSchema } from '@/core/notebook/kinds/testSeam'
import { judgeAnswer } from '@/core/practice/judge'
import { specimensOf, type GroupSet } from '@/core/practice/groupSet'
import { FIBRE_IDS } from '@/core/vocabulary/fibres'
import { createRecord, removeRecord } from '@/server/store/repository'
import { loadCompared } from './compare/load'
import { compareResults, openSet } from './group/actions'
import { loadTried } from './techniques/loadTried'

const SET: GroupSet = {
  format: 'rough-swatch practice set',
  version: 1,
  title: 'First evening',
  seed: 12,
  count: 4,
  levels: ['pure'],
}

describe('a set for a class', () => {
  const specimens = specimensOf(SET)
  const knowing = specimens.map(({ topic }) => ({
    family: topic.families[0]!,
    fibres: topic.components.map(({ fibre }) => fibre),
    sure: 0.95,
  }))
  const results = (by: string, answers: object[]) => ({
    format: 'rough-swatch practice results',
    version: 1,
    set: SET,
    by,
    answers,
  })
  it('shows what burns, stage by stage, and not what it is', async () => {
    const opened = await openSet(SET)
    if (!opened.ok) throw new Error(JSON.stringify(opened))
    expect(opened.is.specimens).toHaveLength(4)
    for (const stages of opened.is.specimens) expect(stages.length).toBeGreaterThan(2)
    const told = JSON.stringify(opened.is.specimens)
    for (const { topic } of specimens) expect(told).not.toContain(topic.id)
    expect(await openSet({ ...SET, count: 2 })).toMatchObject({
      ok: false,
      errors: { count: 'Please choose at least three.' },
    })
    expect(await openSet('a set')).toMatchObject({ ok: false })
  })
  it('is compared: who knew most stands first, and what each specimen was is told', async () => {
    const always = specimens.map(() => ({ family: 'mineral', fibres: [], sure: 0.6 }))
    const compared = await compareResults([results('Guesser', always), results('Knower', knowing)])
    if (!compared.ok) throw new Error(JSON.stringify(compared))
    expect(compared.is.title).toBe('First evening')
    expect(compared.is.scores.map(({ by }) => by)).toEqual(['Knower', 'Guesser'])
    expect(compared.is.scores[0]).toMatchObject({ family: 1, fibre: 1 })
    expect(compared.is.specimens).toHaveLength(4)
    compared.is.specimens.forEach(({ right, was, said }, i) => {
      const guess = judgeAnswer(specimens[i]!.topic, always[i] as never).familyRight
      expect(right).toBe(guess ? 2 : 1)
      expect(was.length).toBeGreaterThan(2)
      expect(said).toContain('mineral')
    })
  })
  it('results of another set, of a crowd, or of none are told what is wrong with them', async () => {
    const other = { ...results('Other', knowing), set: { ...SET, seed: 13 } }
    expect(await compareResults([results('Knower', knowing), other])).toMatchObject({ ok: false })
    expect(await compareResults([results('Short', knowing.slice(1))])).toMatchObject({ ok: false })
    expect(await compareResults(Array(61).fill(results('Many', knowing)))).toMatchObject({ ok: false })
    expect(await compareResults([])).toMatchObject({ ok: true, is: { scores: [], title: '' } })
  })
})

describe('two fibres side by side', () => {
  it('begin with the look that parts them most, either way round', () => {
    const { parted, one, other, figures } = loadCompared({ a: 'wool', b: 'acrylic' }, 'uk')
    expect([one.id, other.id]).toEqual(['wool', 'acrylic'])
    const bits = parted.map((telling) => telling.bits)
    expect(bits).toEqual([...bits].sort((a, b) => b - a))
    expect(parted.slice(0, 4).map(({ feature }) => feature)).toContain('smell')
    const turned = loadCompared({ a: 'acrylic', b: 'wool' }, 'uk')
    expect(turned.parted.map(({ feature }) => feature)).toEqual(parted.map(({ feature }) => feature))
    expect(turned.parted[0]).toMatchObject({ one: parted[0]!.other, other: parted[0]!.one })
    for (const figure of figures) expect(figure.one || figure.other).toBeTruthy()
  })
  it('are silk and polyester where an address names none', () => {
    const { one, other, fibres } = loadCompared(readAddress(compareAddress, { a: 'moonlight' }), 'us')
    expect([one.id, other.id]).toEqual(['silk', 'polyester'])
    expect(fibres.map(([id]) => id)).toEqual(FIBRE_IDS)
    expect(Object.fromEntries(fibres).viscose).toBe('rayon')
  })
})

describe('seams that were tried', () => {
  const seam = async (pieceId: string, technique: string, needleNm = 70) =>
    createRecord(
      db,
      'test-seam',
      TestSeamSchema.parse({ pieceId, technique, needleNm, lengthMm: 2, came: 'good' }),
      AT,
    )
  it('stand under their technique, the latest first and no more than eight, with their piece', async () => {
    const id = await piece('Voile')
    for (let i = 0; i < 10; i++) await seam(id, 'french-seam', 60 + i)
    await seam(id, '')
    const tried = await loadTried()
    expect(Object.keys(tried)).toEqual(['french-seam'])
    expect(tried['french-seam']).toHaveLength(8)
    expect(tried['french-seam']![0]).toMatchObject({ piece: { id, name: 'Voile' } })
    expect(tried['french-seam']!.map(({ words }) => Number(/NM (\d+)/.exec(words)![1]))).toEqual([
      69, 68, 67, 66, 65, 64, 63, 62,
    ])
  })
  it('go with their piece', async () => {
    const id = await piece('Voile')
    await seam(id, 'french-seam')
    await removeRecord(db, 'piece', { id }, AT)
    expect(await loadTried()).toEqual({})
  })
})
