import { itemAt } from '../../lists/items'

/** One entity as it stands in the file: what follows its type, pair by pair. */
export interface TaggedEntity {
  type: string
  tags: readonly (readonly [code: number, value: string])[]
}

export interface DxfBlock {
  name: string
  base: readonly [number, number]
  entities: TaggedEntity[]
}

/** A DXF file as its parts. */
export interface DxfFile {
  header: ReadonlyMap<string, string>
  /** Names of layers that are switched off or frozen. */
  hiddenLayers: ReadonlySet<string>
  blocks: ReadonlyMap<string, DxfBlock>
  entities: TaggedEntity[]
}

/** More pairs than this are no pattern. */
const MOST_PAIRS = 2_000_000

type Pair = readonly [code: number, value: string]

/**
 * A DXF file as text (R12 to R2018), taken apart; packages that were tried lose weights of splines, directions of
 * extrusion and hatches.
 * @returns undefined where it is no DXF file
 */
export function dxfFile(text: string): DxfFile | undefined {
  const pairs = pairsOf(text)
  if (!pairs) return undefined
  const sections = sectionsOf(pairs)
  if (!sections.has('ENTITIES') && !sections.has('BLOCKS')) return undefined
  return {
    header: headerOf(sections.get('HEADER') ?? []),
    hiddenLayers: hiddenOf(entitiesOf(sections.get('TABLES') ?? [])),
    blocks: blocksOf(entitiesOf(sections.get('BLOCKS') ?? [])),
    entities: entitiesOf(sections.get('ENTITIES') ?? []),
  }
}

function pairsOf(text: string): Pair[] | undefined {
  const lines = text.split(/\r\n|\r|\n/)
  const pairs: Pair[] = []
  for (let i = 0; i + 1 < lines.length && pairs.length < MOST_PAIRS; i += 2) {
    const code = /^\s*-?\d{1,4}\s*$/.test(itemAt(lines, i)) ? Number(lines[i]) : NaN
    if (Number.isNaN(code)) return itemAt(lines, i).trim() === '' && pairs.length > 0 ? pairs : undefined
    // Remarks may stand anywhere.
    if (code !== 999) pairs.push([code, itemAt(lines, i + 1).trim()])
  }
  return pairs
}

function sectionsOf(pairs: readonly Pair[]): Map<string, Pair[]> {
  const sections = new Map<string, Pair[]>()
  let own: Pair[] | undefined
  for (let i = 0; i < pairs.length; i++) {
    const [code, value] = itemAt(pairs, i)
    if (code === 0 && value === 'SECTION' && pairs[i + 1]?.[0] === 2) {
      own = []
      sections.set(itemAt(pairs, ++i)[1].toUpperCase(), own)
    } else if (code === 0 && value === 'ENDSEC') own = undefined
    else own?.push(itemAt(pairs, i))
  }
  return sections
}

/** The first value of each variable: `$INSUNITS` → `4`. */
function headerOf(pairs: readonly Pair[]): Map<string, string> {
  const header = new Map<string, string>()
  pairs.forEach(([code, value], i) => {
    const next = pairs[i + 1]
    if (code === 9 && next) header.set(value.toUpperCase(), next[1])
  })
  return header
}

function entitiesOf(pairs: readonly Pair[]): TaggedEntity[] {
  const entities: { type: string; tags: Pair[] }[] = []
  for (const pair of pairs) {
    if (pair[0] === 0) entities.push({ type: pair[1].toUpperCase(), tags: [] })
    else entities.at(-1)?.tags.push(pair)
  }
  return entities
}

/** Off where its colour is below nought, frozen by a bit of its flags. */
function hiddenOf(tables: readonly TaggedEntity[]): Set<string> {
  const layers = tables.filter(({ type }) => type === 'LAYER')
  const hidden = layers.filter((layer) => numberOf(layer, 62, 7) < 0 || (numberOf(layer, 70, 0) & 1) !== 0)
  return new Set(hidden.map((layer) => textOf(layer, 2)))
}

function blocksOf(entities: readonly TaggedEntity[]): Map<string, DxfBlock> {
  const blocks = new Map<string, DxfBlock>()
  let own: DxfBlock | undefined
  for (const entity of entities) {
    if (entity.type === 'BLOCK') {
      own = { name: textOf(entity, 2), base: [numberOf(entity, 10, 0), numberOf(entity, 20, 0)], entities: [] }
      blocks.set(own.name.toUpperCase(), own)
    } else if (entity.type === 'ENDBLK') own = undefined
    else own?.entities.push(entity)
  }
  return blocks
}

/** The first value under a code. */
export function textOf({ tags }: Pick<TaggedEntity, 'tags'>, code: number): string {
  return tags.find(([own]) => own === code)?.[1] ?? ''
}

export function numberOf({ tags }: Pick<TaggedEntity, 'tags'>, code: number, otherwise: number): number {
  const value = Number(tags.find(([own]) => own === code)?.[1])
  return Number.isFinite(value) && tags.some(([own]) => own === code) ? value : otherwise
}

/** Every value under a code, in order. */
export function numbersOf({ tags }: Pick<TaggedEntity, 'tags'>, code: number): number[] {
  return tags.flatMap(([own, value]) => (own === code && Number.isFinite(Number(value)) ? [Number(value)] : []))
}

/** Points under a code of x, each with the y that follows it. */
export function pointsOf(entity: Pick<TaggedEntity, 'tags'>, code: number): [number, number][] {
  const [xs, ys] = [numbersOf(entity, code), numbersOf(entity, code + 10)]
  return xs.slice(0, ys.length).map((x, i) => [x, itemAt(ys, i)])
}
