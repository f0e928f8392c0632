'use server'

import { cookies } from 'next/headers'
import { makeSample } from '@/server/sample/sampleNotebook'
import { SAMPLE_COOKIE } from '@/server/sample/chosen'
import { action } from '../action'

/** Opens the sample notebook in this browser, until it is closed; one’s own stays as it is. */
export const openSample = action(
  [],
  async () => {
    await makeSample()
    const jar = await cookies()
    jar.set(SAMPLE_COOKIE, 'yes', { sameSite: 'strict', path: '/' })
    return { goTo: '/' }
  },
  ['everything'],
)

/** Goes back to one’s own notebook. */
export const closeSample = action(
  [],
  async () => {
    const jar = await cookies()
    jar.set(SAMPLE_COOKIE, '', { sameSite: 'strict', path: '/', maxAge: 0 })
    return { goTo: '/' }
  },
  ['everything'],
)
