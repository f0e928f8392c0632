'use client'

import { useServerInsertedHTML } from 'next/navigation'
import { useState, type ReactNode } from 'react'
import { ServerStyleSheet, StyleSheetManager } from 'styled-components'

/**
 * Collects the styles of a server render into its HTML, so that nothing flashes unstyled.
 * @param nonce under which the page's policy lets styles in
 */
export function StyleRegistry({ nonce, children }: { nonce: string | undefined; children: ReactNode }) {
  const [sheet] = useState(() => new ServerStyleSheet(nonce ? { nonce } : {}))
  useServerInsertedHTML(() => {
    const styles = sheet.getStyleElement()
    sheet.instance.clearTag()
    return <>{styles}</>
  })
  if (typeof window !== 'undefined') return <>{children}</>
  return <StyleSheetManager sheet={sheet.instance}>{children}</StyleSheetManager>
}
