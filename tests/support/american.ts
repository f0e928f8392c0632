import { spellFor } from '@/core/text/spelling'

/** Titles of books and names of fabrics are written as they are. */
const AS_WRITTEN = /Physical Properties of Textile Fibres|^Also (?:called )?|^UK: viscose/

/** What stands on a page in words: its text, block by block, and names and titles of what is drawn. */
export function textsOfHtml(html: string): string[] {
  const body = html.replace(/<script[\s\S]*?<\/script>|<style[\s\S]*?<\/style>|<textarea[\s\S]*?<\/textarea>/g, ' ')
  const named = [...body.matchAll(/ (?:aria-label|title|alt|placeholder)="([^"]*)"/g)].map(([, words]) => words!)
  const ends = /<\/(?:p|li|h\d|td|th|dt|dd|button|a|summary|label|legend|option|div|small|figcaption|caption|text)>/g
  const shown = body.replace(ends, '\n').replace(/<[^>]+>/g, '')
  return [...shown.split('\n'), ...named]
    .map((text) => text.replaceAll('&#x27;', "'").replaceAll('&quot;', '"').replace(/\s+/g, ' ').trim())
    .filter((text) => text !== '')
}

/** Texts with a British spelling in them. */
export function british(texts: readonly string[]): string[] {
  return texts.filter((text) => !AS_WRITTEN.test(text) && spellFor(text, 'us') !== text)
}

const METRIC = /\d[\d.,]* ?(?:mm|cm|m|g\/m²|kg)(?![\w²³/])/g
const BEFORE = /(?:\bin|yd|oz\/yd²|lb|yd²)(?: \(|, | \/ )[^()]*$|\d (?:cm )?or $/
const AFTER = /^[^()]{0,3}\([^)]*(?:in|yd|oz|lb|stitches)|^ or \d/

/** Texts with a metric length or weight that has no imperial one beside it. */
export function metricAlone(texts: readonly string[]): string[] {
  return texts.filter((text) =>
    [...text.matchAll(METRIC)].some(
      ({ 0: amount, index }) => !BEFORE.test(text.slice(0, index)) && !AFTER.test(text.slice(index + amount.length)),
    ),
  )
}
