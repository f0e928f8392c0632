// In place of Next in tests of what pages load and do, for 'next/cache', 'next/headers' and 'next/navigation' alike:
// jest.mock('next/cache', () => jest.requireActual('…/tests/support/ownNext'))

export const revalidatePath = jest.fn()
/** Where the last action led to. */
export const redirect = jest.fn()
/** What the request says; tests set it. */
export const sentHeaders = new Map<string, string>()
export const headers = jest.fn((): Promise<{ get: (name: string) => string | null }> =>
  Promise.resolve({ get: (name: string) => sentHeaders.get(name) ?? null }),
)
/** What answers have the browser keep. */
export const setCookies = new Map<string, string>()
export const cookies = () =>
  Promise.resolve({ get: () => undefined, set: (name: string, value: string) => void setCookies.set(name, value) })

export function notFound(): never {
  throw new Error('no such page')
}
