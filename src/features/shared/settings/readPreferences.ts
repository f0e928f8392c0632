import { cookies } from 'next/headers'
import { PREFERENCES_COOKIE, preferencesFrom, type Preferences } from './preferences'

/** This request's preferences; server only. */
export async function readPreferences(): Promise<Preferences> {
  return preferencesFrom((await cookies()).get(PREFERENCES_COOKIE)?.value)
}
