import '@fontsource/young-serif/400.css'
import '@fontsource-variable/atkinson-hyperlegible-next/wght.css'
import type { Metadata, Viewport } from 'next'
import { headers } from 'next/headers'
import { type ReactNode } from 'react'
import { Frame } from '@/features/frame/Frame'
import { pages } from '@/features/shared/pages'
import { TroublePage, TroubleSlip } from '@/features/frame/Trouble'
import { PreferencesProvider } from '@/features/shared/settings/PreferencesContext'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { notebookTrouble } from '@/server/database'
import { isSampleShown } from '@/server/sample/sampleNotebook'
import { SampleSlip } from '@/features/frame/SampleSlip'
import { StyleRegistry } from '@/ui/registry'

export const metadata: Metadata = {
  title: { default: 'Rough Swatch', template: '%s – Rough Swatch' },
  description: 'Find out what an unknown fabric is, record it, and see which patterns it suits.',
}

/** Pages that are there whatever is the matter with the notebook. */
const WITHOUT_NOTEBOOK = ['/safety', '/settings', '/learn/weave', '/learn']

export const viewport: Viewport = { width: 'device-width', initialScale: 1 }

const shown = pages.map(({ path, place, title, inRow, within }) => ({ path, place, title, inRow, within }))

export default async function Layout({ children }: { children: ReactNode }) {
  const [preferences, sent, trouble, isSample] = await Promise.all([
    readPreferences(),
    headers(),
    notebookTrouble(),
    isSampleShown(),
  ])
  const wantsNotebook = !WITHOUT_NOTEBOOK.some((path) => sent.get('x-address')?.startsWith(path))
  const nonce = sent.get('x-nonce') ?? undefined
  return (
    <html
      lang={preferences.words === 'us' ? 'en-US' : 'en-GB'}
      data-theme={preferences.theme === 'system' ? undefined : preferences.theme}
      data-motion={preferences.motion}
    >
      <head>
        {/* Where styles are made in the browser, their makers look for the nonce here. */}
        <meta property="csp-nonce" content={nonce} />
      </head>
      <body>
        <StyleRegistry nonce={nonce}>
          <PreferencesProvider value={preferences}>
            <Frame pages={shown}>
              {isSample ? <SampleSlip /> : null}
              {trouble?.kind === 'read-only' ? <TroubleSlip kind={trouble.kind} /> : null}
              {trouble && trouble.kind !== 'read-only' && wantsNotebook ? <TroublePage {...trouble} /> : children}
            </Frame>
          </PreferencesProvider>
        </StyleRegistry>
      </body>
    </html>
  )
}
