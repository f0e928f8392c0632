'use client'

import Link from 'next/link'
import { usePathname } from 'next/navigation'
import { useEffect, useRef } from 'react'
import { Say } from '@/ui/text/Say'
import { listedOf, PLACES, PLACE_WORDS, type PlaceId, type ShownPage } from '../shared/places'
import { PagesPanel } from './frameStyles'

interface Props {
  pages: readonly ShownPage[]
  /** The place that is shown: its pages come first. */
  place: PlaceId | null
  /** `back` where the keys go back to what opened it. */
  onClose: (back?: boolean) => void
}

/** Every page that needs no record to be chosen first, by place, so that none is more than two presses away. */
export function AllPages({ pages, place, onClose }: Props) {
  const panel = useRef<HTMLElement>(null)
  const address = usePathname()
  useEffect(() => panel.current?.focus(), [])
  useEffect(() => {
    const onPress = (event: PointerEvent) => {
      // The button that opened it closes it by itself.
      const isButton = event.target instanceof Element && event.target.closest('[aria-expanded="true"]')
      if (!isButton && event.target instanceof Node && !panel.current?.contains(event.target)) onClose()
    }
    window.addEventListener('pointerdown', onPress)
    return () => window.removeEventListener('pointerdown', onPress)
  }, [onClose])
  const shown = PLACES.filter((one) => one !== 'home').toSorted((a, b) => Number(b === place) - Number(a === place))
  return (
    <PagesPanel
      ref={panel}
      tabIndex={-1}
      aria-label="All pages"
      onKeyDown={(event) => event.key === 'Escape' && onClose(true)}
    >
      <div>
        <div className="inside">
          {[...shown, null].map((one) => (
            <section key={one} aria-labelledby={`pages-${one}`}>
              <h2 id={`pages-${one}`}>{one === null ? 'Always here' : PLACE_WORDS[one].title}</h2>
              <ul>
                {listedOf(pages, one).map(({ path, title }) => (
                  <li key={path}>
                    <Link
                      href={path}
                      prefetch={false}
                      aria-current={path === address ? 'page' : undefined}
                      onClick={() => onClose()}
                    >
                      <Say>{title}</Say>
                    </Link>
                  </li>
                ))}
              </ul>
            </section>
          ))}
        </div>
      </div>
    </PagesPanel>
  )
}
