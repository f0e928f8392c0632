import { pages } from '@/features/shared/pages'
import { expect, test } from './fixtures'

/** What an answer of one address holds: where it leads to, and the places in it that can be led to. */
interface Crawled {
  status: number
  links: string[]
  ids: Set<string>
}

const plain = (text: string) => text.replaceAll('&amp;', '&')

test('no link of any page leads nowhere, as far as they lead', async ({ request }) => {
  test.setTimeout(600_000)
  const crawled = new Map<string, Crawled>()
  const dead: string[] = []
  const visit = async (path: string): Promise<Crawled> => {
    const known = crawled.get(path)
    if (known) return known
    const answer = await request.get(path)
    const isPage = (answer.headers()['content-type'] ?? '').startsWith('text/html')
    const html = isPage ? await answer.text() : ''
    const all = (attribute: string) =>
      [...html.matchAll(new RegExp(`\\s${attribute}="([^"]+)"`, 'g'))].map(([, value]) => plain(value!))
    const links = [...html.matchAll(/<a\s[^>]*href="([^"]+)"/g)].map(([, href]) => plain(href!))
    const found = { status: answer.status(), links, ids: new Set(all('id')) }
    crawled.set(path, found)
    return found
  }
  const waiting = pages.filter(({ of }) => of === undefined).map(({ path }) => path)
  const seen = new Set(waiting)
  while (waiting.length > 0) {
    const from = waiting.shift()!
    const { links } = await visit(from)
    for (const link of new Set(links.filter((href) => href.startsWith('/') || href.startsWith('#')))) {
      const [path, id] = (link.startsWith('#') ? from + link : link).split('#') as [string, string?]
      const { status, ids } = await visit(path)
      if (status >= 400 || (id && !ids.has(id))) dead.push(`${from} → ${link} (${status})`)
      // Questions put to a page are the same page: they are looked at, and not gone on from.
      if (!seen.has(path) && !path.includes('?')) {
        seen.add(path)
        waiting.push(path)
      }
    }
  }
  expect(dead).toEqual([])
  // The pages of every fibre and cloth are among them.
  expect(crawled.size).toBeGreaterThan(pages.length + 100)
})
