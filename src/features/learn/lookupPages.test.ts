import { AT, db, METRIC, piece } from '../../../tests/support/ownPages'
import { TestSeamSchema } from '@/core/notebook/kinds/testSeam'
import { features } from '@/core/identify/features'
import { techniques } from '@/core/sew/techniques'
import { CARE_IDS } from '@/core/vocabulary/care'
import { createRecord } from '@/server/store/repository'
import { loadSign } from './care/loadSign'
import { loadTableTest } from './lookup/loadTest'
import { loadTechnique } from './techniques/loadTechnique'

const US = { units: 'imperial', words: 'us' } as const

describe('a test', () => {
  it.each(features.map(({ id }) => id))('%s has a page, and leads to the others of its kind', (id) => {
    const test = loadTableTest(id, 'uk')!
    expect(test.answers.length).toBeGreaterThan(1)
    expect(test.source.length).toBeGreaterThan(10)
    expect(test.others.map((one) => one.id)).not.toContain(id)
    // What has no guide of its own with its dangers says where they are told.
    if (test.isBurn) expect(test.isHazard).toBe(true)
  })
  it('names fibres as the reader does, and knows no test that there is none of', () => {
    expect(JSON.stringify(loadTableTest('smell', 'us'))).toContain('rayon')
    expect(JSON.stringify(loadTableTest('smell', 'uk'))).not.toContain('rayon')
    expect(loadTableTest('taste', 'uk')).toBeUndefined()
    expect(loadTableTest('__proto__', 'uk')).toBeUndefined()
  })
})

describe('a technique', () => {
  it.each(techniques.map(({ id }) => id))('%s has a page', async (id) => {
    const technique = (await loadTechnique(id, 'uk'))!
    expect(technique.steps.length).toBeGreaterThan(1)
    expect(technique.others.every(({ what }) => what === technique.what)).toBe(true)
  })
  it('has the cloths that it is advised for by name, and what was tried of it', async () => {
    const pieceId = await piece('Voile')
    const seam = TestSeamSchema.parse({ pieceId, technique: 'french', needleNm: 70, lengthMm: 2, came: 'good' })
    await createRecord(db, 'test-seam', seam, AT)
    const french = (await loadTechnique('french', 'us'))!
    expect(french.cloths.map(({ id }) => id)).toContain('chiffon')
    expect(french.tried).toMatchObject([{ piece: { id: pieceId } }])
    expect(await loadTechnique('glue', 'uk')).toBeUndefined()
  })
})

describe('a care symbol', () => {
  it.each(CARE_IDS)('%s has a page, and leads to the others of its group', async (id) => {
    const sign = (await loadSign(id, METRIC))!
    expect(sign.shape).toMatch(/^(A|An) /)
    expect(sign.others.map((one) => one.id)).not.toContain(id)
    expect(sign.others.length).toBeGreaterThan(0)
  })
  it('says which fibres bear it, in the reader’s words', async () => {
    const hot = (await loadSign('wash-60', US))!
    expect(hot.bearing.map(({ name }) => name)).toContain('cotton')
    expect(hot.hurt.map(({ name }) => name)).toEqual(expect.arrayContaining(['wool', 'silk', 'rayon']))
    expect((await loadSign('clean-p', US))!.bearing).toEqual([])
  })
  it('shows the pieces that have it, the latest first', async () => {
    const [first, second] = [
      await piece('Sheet', { care: ['wash-60', 'iron-200'] }),
      await piece('Towel', { care: ['wash-60'] }),
    ]
    await piece('Curtain')
    const sign = (await loadSign('wash-60', METRIC))!
    expect(sign.pieces).toBe(2)
    expect(sign.folds.map(({ id }) => id)).toEqual([second, first])
    expect(await loadSign('wash-1000', METRIC)).toBeUndefined()
  })
})
