import { cookies } from 'next/headers'

/** Whether the sample notebook is looked at in place of one’s own: it says so in this browser, until it is closed. */
export const SAMPLE_COOKIE = 'rough-swatch-sample'

/** Whether the request that is being answered looks at the sample notebook. Outside a request it is one’s own. */
export async function isSampleChosen(): Promise<boolean> {
  try {
    return (await cookies()).get(SAMPLE_COOKIE)?.value === 'yes'
  } catch {
    return false
  }
}
