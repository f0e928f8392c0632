import { ProjectClothSchema } from '../core/notebook/kinds/projectCloth'
import { ProjectSchema } from '../core/notebook/kinds/project'
import { ROLES } from '../core/vocabulary/choosing'
import { type Notebook } from '../server/database'
import { createRecord, inTransaction } from '../server/store/repository'
import { demoProjects } from './projects'

const MS_A_DAY = 24 * 60 * 60 * 1000

/**
 * What is being made of the pieces, and what was.
 * @param pieces @param patterns ids by name
 * @param now ms since 1970
 */
export async function fillProjects(
  db: Notebook,
  { pieces, patterns }: Record<'pieces' | 'patterns', ReadonlyMap<string, string>>,
  now: number,
): Promise<void> {
  const ago = (days: number) => new Date(now - days * MS_A_DAY).toISOString()
  for (const { project, pattern, cloths, begunDaysAgo, finishedDaysAgo } of demoProjects) {
    const finished = finishedDaysAgo === undefined ? null : ago(finishedDaysAgo).slice(0, 10)
    const data = ProjectSchema.parse({ ...project, patternId: idIn(patterns, pattern), finished })
    await inTransaction(db, async (open) => {
      const { id } = await createRecord(open, 'project', data, ago(begunDaysAgo))
      for (const role of ROLES) {
        for (const piece of [cloths[role] ?? []].flat()) {
          const pieceId = piece === '' ? null : idIn(pieces, piece)
          const cloth = ProjectClothSchema.parse({ projectId: id, role, pieceId, was: piece })
          await createRecord(open, 'project-cloth', cloth, ago(begunDaysAgo))
        }
      }
    })
  }
}

function idIn(ids: ReadonlyMap<string, string>, name: string): string {
  const id = ids.get(name)
  if (id === undefined) throw new RangeError(`fillProjects: nothing of the demo is called "${name}"`)
  return id
}
