import { type Worn } from '../../core/making/lessons'
import { type Project } from '../../core/notebook/kinds/project'
import { type ProjectCloth } from '../../core/notebook/kinds/projectCloth'
import { type Summaries } from '../../core/stashSearch/pieceSummary'
import { type Notebook } from '../store/openNotebook'
import { groupBy } from '../store/groupBy'
import { allRecords, findRecord, recordsByIds, recordsReferring } from '../store/repository'
import { type Kept } from '../store/kept'
import { mustHave } from '@/core/lists/items'

export type KeptCloth = Kept<'project-cloth'>

/** A project with the cloths that it is made of. */
export interface ProjectWhole {
  project: Kept<'project'>
  cloths: KeptCloth[]
}

export async function findProject(db: Notebook, id: string): Promise<ProjectWhole | undefined> {
  const project = await findRecord(db, 'project', id)
  if (!project) return undefined
  return { project, cloths: await recordsReferring(db, 'project-cloth', 'projectId', id) }
}

/** Every project with its cloths, the oldest first. */
export async function listProjects(db: Notebook): Promise<ProjectWhole[]> {
  const [projects, cloths] = await Promise.all([allRecords(db, 'project'), allRecords(db, 'project-cloth')])
  const byProject = groupBy(cloths.kept, ({ data }) => data.projectId)
  return projects.kept.map((project) => ({ project, cloths: byProject.get(project.id) ?? [] }))
}

/** The projects that keep a piece back, where they are not done. */
export async function keepersOf(db: Notebook, pieceId: string): Promise<{ id: string; name: string }[]> {
  const cloths = await recordsReferring(db, 'project-cloth', 'pieceId', pieceId)
  const projects = await recordsByIds(db, 'project', [...new Set(cloths.map(({ data }) => data.projectId))])
  return projects.flatMap(({ id, data }) => (isFinished(data) ? [] : [{ id, name: data.name }]))
}

/** Which project keeps each piece back: of those that are not done. */
export function reservedBy(projects: readonly ProjectWhole[]): Map<string, { id: string; name: string }> {
  const kept = new Map<string, { id: string; name: string }>()
  for (const { project, cloths } of projects) {
    if (isFinished(project.data)) continue
    for (const { data } of cloths) {
      if (data.pieceId !== null) kept.set(data.pieceId, { id: project.id, name: project.data.name })
    }
  }
  return kept
}

export function isFinished({ finished }: Pick<Project, 'finished'>): boolean {
  return finished !== null
}

/** What was made, of which named cloth, and how it wore. */
export function wornOf(projects: readonly ProjectWhole[], shelf: Summaries): Worn[] {
  return projects.flatMap(({ project: { data }, cloths }) =>
    data.finished === null
      ? []
      : mainCloths(cloths).map(({ pieceId }) => ({
          project: data.name,
          cloth: pieceId === null ? null : (shelf.find(pieceId)?.cloth ?? null),
          wore: data.wore,
          finished: mustHave(data.finished),
        })),
  )
}

function mainCloths(cloths: readonly KeptCloth[]): ProjectCloth[] {
  return cloths.map(({ data }) => data).filter(({ role }) => role === 'main')
}
