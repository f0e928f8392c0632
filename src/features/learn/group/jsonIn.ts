/** What a JSON file holds; undefined where it is none, which every schema refuses. */
export async function jsonIn(file: File): Promise<unknown> {
  try {
    return JSON.parse(await file.text()) as unknown
  } catch {
    return undefined
  }
}
