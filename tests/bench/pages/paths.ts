import { type Notebook } from '@/server/database'

/** A page by its name, and its address in a notebook. */
export type Paths = Readonly<Record<string, string>>

/** Every page whose work could hang on how much there is. */
export async function pathsIn(db: Notebook): Promise<Paths> {
  const inLot = (await db.selectFrom('reference').select('from_id').where('field', '=', 'lotId').executeTakeFirst())
    ?.from_id
  const outlined = (
    await db.selectFrom('reference').select('to_id').where('field', '=', 'patternId').executeTakeFirst()
  )?.to_id
  const first = async (kind: string) =>
    (await db.selectFrom('record').select('id').where('kind', '=', kind).orderBy('id').executeTakeFirst())?.id
  const fabric = `/stash/${inLot}`
  return {
    home: '/',
    stash: '/stash',
    'stash, filtered': '/stash?family=plant&weight=light',
    'stash, by name': '/stash?sort=name',
    overview: '/stash/overview',
    'a fabric in a lot': fabric,
    'its patterns': `${fabric}/patterns`,
    'what is similar to it': `${fabric}/similar`,
    'how to sew it': `${fabric}/sew`,
    'how to dye it': `${fabric}/dye`,
    notions: '/stash/notions',
    piles: '/stash/piles',
    'a pile': `/stash/piles/${await first('heap')}`,
    cards: '/stash/cards',
    'quick add': '/stash/quick-add',
    backup: '/stash/backup',
    patterns: '/make/patterns',
    'a pattern': `/make/patterns/${outlined}`,
    'its layout': `/make/patterns/${outlined}/layout`,
    projects: '/make/projects',
    'a project': `/make/projects/${await first('project')}`,
    'its schedule': `/make/projects/${await first('project')}/schedule`,
    schedule: '/make/schedule',
    'shopping list': '/make/shopping',
    leftovers: '/make/leftovers',
    'fabrics together': '/make/combine',
    'burn tests': '/identify/burn',
    'known samples': '/identify/samples',
    'a search': '/search?q=ballroom',
    figures: '/learn/figures',
  }
}
