import { NotionSchema } from '@/core/notebook/kinds/notion'
import { PatternSchema } from '@/core/notebook/kinds/pattern'
import { PatternPieceSchema } from '@/core/notebook/kinds/patternPiece'
import { ProjectSchema } from '@/core/notebook/kinds/project'
import { ProjectClothSchema } from '@/core/notebook/kinds/projectCloth'
import { NOTION_KINDS } from '@/core/vocabulary/upcycling'
import { demoOutlines } from '@/demo/outlines'
import { demoPatterns } from '@/demo/patterns'
import { cutFrom } from '@/server/records/cutting'
import { createRecord, findRecord } from '@/server/store/repository'
import { type Filled, type Filling } from './bigNotebook'
import { WORDS } from './pieces'

/** Patterns with their lengths and notions, some with the outlines of their pieces. */
export async function addPatterns({ draw, each, at }: Filling, count: number, outlined: number): Promise<string[]> {
  const ids: string[] = []
  const drawings = Object.values(demoOutlines)
  await each(count, async (open, i) => {
    const told = draw.one(demoPatterns)
    const pattern = PatternSchema.parse({ ...told, name: `${told.name}, ${i}`, onList: draw.chance() < 0.05 })
    const { id } = await createRecord(open, 'pattern', pattern, at)
    ids.push(id)
    if (i >= outlined) return
    for (const piece of draw.one(drawings))
      await createRecord(open, 'pattern-piece', PatternPieceSchema.parse({ ...piece, patternId: id }), at)
  })
  return ids
}

/** Projects under way and finished, each with a fabric of the stash. */
export async function addProjects({ draw, each, at }: Filling, count: number, { pieces, patterns }: Filled) {
  await each(count, async (open, i) => {
    const project = ProjectSchema.parse({
      name: `${draw.one(WORDS)} project ${i}`,
      patternId: draw.one(patterns),
      finished: i % 3 === 0 ? '2026-03-01' : null,
    })
    const { id: projectId } = await createRecord(open, 'project', project, at)
    const cloth = ProjectClothSchema.parse({ projectId, role: 'main', pieceId: draw.one(pieces) })
    await createRecord(open, 'project-cloth', cloth, at)
  })
}

/** The notions box. */
export async function addNotions({ draw, each, at }: Filling, count: number, pieces: readonly string[]) {
  await each(count, (open, i) => {
    const notion = NotionSchema.parse({
      kind: draw.one(NOTION_KINDS),
      name: `${draw.one(WORDS)} ${i}`,
      count: draw.between(0, 40),
      sizeMm: draw.chance() < 0.7 ? draw.between(8, 600) : null,
      place: `Tin ${draw.between(1, 12)}`,
      fromPieceId: draw.chance() < 0.3 ? draw.one(pieces) : null,
    })
    return createRecord(open, 'notion', notion, at)
  })
}

/** Lengths that were cut off, in the history of their pieces; half of them left an offcut. */
export async function addCuts({ draw, each, at }: Filling, count: number, pieces: readonly string[]) {
  await each(count, async (open, i) => {
    const pieceId = draw.one(pieces)
    const found = await findRecord(open, 'piece', pieceId)
    if ((found?.data.lengthMm ?? 0) < 600) return
    const offcuts = draw.chance() < 0.5 ? [{ name: `Offcut ${i}`, lengthMm: 200, widthMm: 400 }] : []
    await cutFrom(open, { pieceId, lengthMm: 150, what: 'a cuff', offcuts }, at)
  })
}
