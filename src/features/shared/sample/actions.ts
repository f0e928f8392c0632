'use server'

import { cookies } from 'next/headers'
import { redirect } from 'next/navigation'
import { makeSample } from '@/server/sample/sampleNotebook'
import { SAMPLE_COOKIE } from '@/server/sample/chosen'
import { plainAction } from '../action'
import { type Done, valueOf } from '../outcome'

/** Opens the sample notebook in this browser, until it is closed; one’s own stays as it is. */
export const openSample = plainAction(
  [],
  async (): Promise<Done> => {
    const made = await valueOf(makeSample)
    if (!made.ok) return made
    const jar = await cookies()
    jar.set(SAMPLE_COOKIE, 'yes', { sameSite: 'strict', path: '/' })
    return { ok: true }
  },
  ['everything'],
)

/** Goes back to one’s own notebook. */
export const closeSample = plainAction([], async () => {
  const jar = await cookies()
  jar.set(SAMPLE_COOKIE, '', { sameSite: 'strict', path: '/', maxAge: 0 })
  redirect('/')
})
