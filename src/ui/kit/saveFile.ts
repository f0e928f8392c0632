/** Saves a text, or bytes, as a file on the person’s own device. */
export function saveFile(name: string, content: string | Uint8Array<ArrayBuffer>, type: string): void {
  const address = URL.createObjectURL(new Blob([content], { type }))
  const link = Object.assign(document.createElement('a'), { href: address, download: name })
  link.click()
  URL.revokeObjectURL(address)
}
