// Prints every piece of text of PDFs, by page, with where it stands, as JSON, one list a file: node pdfText.mjs FILE …
import { readFileSync } from 'node:fs'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'

async function textOf(file) {
  const data = new Uint8Array(readFileSync(file))
  const pdf = await getDocument({ data, useSystemFonts: false, verbosity: 0 }).promise
  const pages = []
  for (let number = 1; number <= pdf.numPages; number++) {
    const page = await pdf.getPage(number)
    const { width, height } = page.getViewport({ scale: 1 })
    pages.push({ items: (await page.getTextContent()).items, width, height })
  }
  return pages
}

const all = []
for (const file of process.argv.slice(2)) all.push(await textOf(file))
console.log(JSON.stringify(all))
