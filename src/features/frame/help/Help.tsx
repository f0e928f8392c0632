'use client'

import { CircleQuestionMark } from 'lucide-react'
import dynamic from 'next/dynamic'
import { useState } from 'react'
import { PlainPress } from '../frameStyles'

// Its lines are of every page: fetched when they are asked for.
const HelpPanel = dynamic(() => import('./HelpPanel').then(({ HelpPanel: part }) => part))

/** Help on the page that is shown, in three lines. */
export function Help({ page }: { page: { path: string; title: string } | undefined }) {
  const [openAt, setOpenAt] = useState<string>()
  if (!page) return null
  const isOpen = openAt === page.path
  return (
    <>
      <PlainPress aria-expanded={isOpen} onClick={() => setOpenAt(isOpen ? undefined : page.path)}>
        <CircleQuestionMark aria-hidden size={20} strokeWidth={1.75} />
        <span>Help</span>
      </PlainPress>
      {isOpen ? <HelpPanel page={page} onClose={() => setOpenAt(undefined)} /> : null}
    </>
  )
}
