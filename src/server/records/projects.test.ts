import { PatternSchema } from '../../core/notebook/kinds/pattern'
import { PieceSchema } from '../../core/notebook/kinds/piece'
import { ProjectClothSchema } from '../../core/notebook/kinds/projectCloth'
import { ProjectSchema } from '../../core/notebook/kinds/project'
import { openNotebook, type Notebook } from '../store/openNotebook'
import { findProject, listProjects, reservedBy, wornOf } from './projects'
import { shelfOf } from '../cache/shelf'
import { amendRecord } from '../store/amend'
import { createRecord, findRecord, removeRecord } from '../store/repository'

const AT = '2026-05-02T10:00:00.000Z'
let db: Notebook
let ids: { piece: string; pattern: string; project: string; cloth: string }

beforeEach(async () => {
  db = await openNotebook(':memory:')
  const piece = await createRecord(db, 'piece', PieceSchema.parse({ name: 'Red melton', called: 'melton' }), AT)
  const pattern = await createRecord(
    db,
    'pattern',
    PatternSchema.parse({ name: 'Coat', need: { garment: 'coat' } }),
    AT,
  )
  const project = await createRecord(
    db,
    'project',
    ProjectSchema.parse({ name: 'Mistress', patternId: pattern.id }),
    AT,
  )
  const told = { projectId: project.id, role: 'main', pieceId: piece.id, was: 'Red melton' }
  const cloth = await createRecord(db, 'project-cloth', ProjectClothSchema.parse(told), AT)
  ids = { piece: piece.id, pattern: pattern.id, project: project.id, cloth: cloth.id }
})
afterEach(() => db.destroy())

it('keeps its cloth back until it is done', async () => {
  expect([...reservedBy(await listProjects(db))]).toEqual([[ids.piece, { id: ids.project, name: 'Mistress' }]])
  await amendRecord(db, 'project', ids.project, AT, (project) => ({ ...project, finished: '2026-06-01' }))
  expect(reservedBy(await listProjects(db)).size).toBe(0)
})

it('teaches by the cloth that it was made of', async () => {
  await amendRecord(db, 'project', ids.project, AT, (project) => ({
    ...project,
    finished: '2026-06-01',
    wore: ['pilled'],
  }))
  const shelf = await shelfOf(db, 'uk')
  expect(wornOf(await listProjects(db), shelf)).toEqual([
    { project: 'Mistress', cloth: 'melton', wore: ['pilled'], finished: '2026-06-01' },
  ])
})

it('a pattern thrown away leaves its projects; a piece thrown away is remembered by its name', async () => {
  await removeRecord(db, 'pattern', { id: ids.pattern }, AT)
  await removeRecord(db, 'piece', { id: ids.piece }, AT)
  const { project, cloths } = (await findProject(db, ids.project))!
  expect(project.data.patternId).toBeNull()
  expect(cloths.map(({ data }) => [data.pieceId, data.was])).toEqual([[null, 'Red melton']])
})

it('a project thrown away takes its choices along, and none of its cloth', async () => {
  await removeRecord(db, 'project', { id: ids.project }, AT)
  expect(await findRecord(db, 'project-cloth', ids.cloth)).toBeUndefined()
  expect(await findRecord(db, 'piece', ids.piece)).toBeDefined()
  expect(await findProject(db, ids.project)).toBeUndefined()
})

it('changing what is gone is an error, and a change that its kind refuses changes nothing', async () => {
  await expect(amendRecord(db, 'project', ids.project, AT, (data) => ({ ...data, copies: 0 }))).rejects.toThrow()
  expect((await findRecord(db, 'project', ids.project))!.data.copies).toBe(1)
  await removeRecord(db, 'project', { id: ids.project }, AT)
  await expect(amendRecord(db, 'project', ids.project, AT, (data) => data)).rejects.toThrow(/project/)
})
