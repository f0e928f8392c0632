import type { Metadata } from 'next'
import { textFor } from '@/core/text/render'
import { readPreferences } from './readPreferences'

/** A page’s title in the person’s own spelling. */
export const pageTitle = (title: string) => async (): Promise<Metadata> => ({
  title: textFor(title, await readPreferences()),
})
