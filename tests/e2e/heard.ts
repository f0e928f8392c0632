import { expect, type Page } from './fixtures'

declare global {
  interface Window {
    heard?: string[]
  }
}

/** Writes down in order what somebody hears who does not see the page: what live regions say, and where the keys go. */
export async function listen(page: Page): Promise<void> {
  await page.addInitScript(() => {
    const heard: string[] = (window.heard = [])
    const said = new WeakMap<Element, string>()
    const live = '[aria-live=polite], [aria-live=assertive], [role=status], [role=alert], [role=log], output'
    const words = (element: Element) => (element.textContent ?? '').replace(/\s+/g, ' ').trim()
    const say = (text: string) => {
      if (text !== '' && heard.at(-1) !== text) heard.push(text)
    }
    const named = (element: Element) => {
      const by = element.getAttribute('aria-labelledby')
      const label = by
        ?.split(' ')
        .map((id) => words(document.getElementById(id) ?? element))
        .join(' ')
      return element.getAttribute('aria-label') ?? label ?? words(element)
    }
    new MutationObserver((changes) => {
      for (const { target, addedNodes } of changes) {
        const own = target instanceof Element ? target : target.parentElement
        const inside = [...addedNodes].flatMap((node) =>
          node instanceof Element ? [...(node.matches(live) ? [node] : []), ...node.querySelectorAll(live)] : [],
        )
        for (const region of [own?.closest(live), ...inside]) {
          if (!region || said.get(region) === words(region)) continue
          said.set(region, words(region))
          say(words(region))
        }
      }
    }).observe(document, { subtree: true, childList: true, characterData: true })
    document.addEventListener('focusin', ({ target }) => {
      if (target instanceof Element && target !== document.body) say(`→ ${named(target)}`)
    })
  })
}

/** What was heard since this was asked last. */
export async function heardSince(page: Page): Promise<string[]> {
  return page.evaluate(() => window.heard?.splice(0) ?? [])
}

/** Waits until something like it was heard, and answers all that was. */
export async function hears(page: Page, what: RegExp): Promise<string[]> {
  const all: string[] = []
  await expect(async () => {
    all.push(...(await heardSince(page)))
    expect(all.join('\n')).toMatch(what)
  }).toPass({ timeout: 10_000 })
  return all
}
