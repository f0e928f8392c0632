// Prints every piece of text of a PDF, by page, with where it stands, as JSON: node pdfText.mjs FILE
import { readFileSync } from 'node:fs'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'

const data = new Uint8Array(readFileSync(process.argv[2]))
const pdf = await getDocument({ data, useSystemFonts: false, verbosity: 0 }).promise
const pages = []
for (let number = 1; number <= pdf.numPages; number++) {
  const page = await pdf.getPage(number)
  const { width, height } = page.getViewport({ scale: 1 })
  pages.push({ items: (await page.getTextContent()).items, width, height })
}
console.log(JSON.stringify(pages))
