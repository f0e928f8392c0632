'use client'

import {
  BookOpen,
  FlaskConical,
  LampDesk,
  Layers,
  LayoutGrid,
  Scissors,
  Search,
  Settings,
  ShieldAlert,
} from 'lucide-react'
import dynamic from 'next/dynamic'
import Link from 'next/link'
import { usePathname } from 'next/navigation'
import { useEffect, useRef, useState, type ReactNode } from 'react'
import { GlobalStyle } from '@/ui/GlobalStyle'
import { pageAt, PLACES, PLACE_WORDS, rowOf, underOf, type PlaceId, type ShownPage } from '../shared/places'
import {
  AlwaysInReach,
  Bar,
  Content,
  FootBar,
  FootRoom,
  Head,
  PlainPress,
  Row,
  Selvedge,
  Skip,
  ThumbRoom,
} from './frameStyles'
import { DoneToasts } from './done/DoneToasts'
import { Help } from './help/Help'
import { TourSlip } from './help/TourSlip'
import { SearchField } from './SearchField'
import { useRequestKeys } from './useRequestKeys'
import { Say } from '@/ui/text/Say'

// Its links are of every page: fetched when they are asked for.
const AllPages = dynamic(() => import('./AllPages').then(({ AllPages: part }) => part))

const ICONS: Readonly<Record<PlaceId, typeof Search>> = {
  home: LampDesk,
  identify: FlaskConical,
  stash: Layers,
  make: Scissors,
  learn: BookOpen,
}
const HREFS: Readonly<Record<PlaceId, string>> = {
  home: '/',
  identify: '/identify',
  stash: '/stash',
  make: '/make/patterns',
  learn: '/learn',
}

/** What stands around every page: the places, the search, what is always in reach, and the pages of this place. */
export function Frame({ pages, children }: { pages: readonly ShownPage[]; children: ReactNode }) {
  const address = usePathname()
  const here = pageAt(pages, address)
  const menu = useMenu(address)
  useRequestKeys()
  useEffect(() => {
    // From here on keys and buttons count; tests wait for it.
    document.documentElement.dataset.alive = 'yes'
  }, [])
  return (
    <>
      <GlobalStyle />
      <FootRoom />
      <ThumbRoom />
      <Skip href="#content">Skip to the content</Skip>
      <Selvedge aria-hidden />
      <Head>
        <div className="inside">
          <Link href="/" className="name" aria-label="Rough Swatch, go to Home">
            Rough Swatch
          </Link>
          <Places here={here?.place ?? null} as={Bar} label="Places" />
          <Reach here={here} menu={menu} />
        </div>
      </Head>
      {here?.place ? (
        <PlaceRow
          pages={rowOf(pages, here.place)}
          place={here.place}
          address={address}
          within={here.within}
          menu={menu}
        />
      ) : null}
      {menu.isOpen ? <AllPages pages={pages} place={here?.place ?? null} onClose={menu.close} /> : null}
      <Content id="content" tabIndex={-1}>
        {children}
      </Content>
      <TourSlip />
      <DoneToasts />
      <Places here={here?.place ?? null} as={FootBar} label="Places, at the foot of the page" />
    </>
  )
}

function Places({ here, as: Box, label }: { here: PlaceId | null; as: typeof Bar; label: string }) {
  return (
    <Box aria-label={label}>
      {PLACES.map((place) => {
        const Icon = ICONS[place]
        return (
          <Link key={place} href={HREFS[place]} aria-current={here === place ? 'true' : undefined} prefetch={false}>
            <Icon aria-hidden size={20} strokeWidth={1.75} />
            <span>{PLACE_WORDS[place].title}</span>
          </Link>
        )
      })}
    </Box>
  )
}

interface Menu {
  isOpen: boolean
  toggle: (button: HTMLElement) => void
  /** Closes it, and leads back to the button where the keys were in it. */
  close: (back?: boolean) => void
}

/** The list of all pages: open on one page only, since whoever chose another has what they came for. */
function useMenu(address: string): Menu {
  const [openAt, setOpenAt] = useState<string>()
  const opener = useRef<HTMLElement>(null)
  const isOpen = openAt === address
  return {
    isOpen,
    toggle(button) {
      opener.current = button
      setOpenAt(isOpen ? undefined : address)
    },
    close(back = false) {
      setOpenAt(undefined)
      if (back) opener.current?.focus()
    },
  }
}

/** Search, safety, settings and help: no places, but always there. On a phone the list of all pages as well. */
function Reach({ here, menu }: { here: ShownPage | undefined; menu: Menu }) {
  return (
    <AlwaysInReach>
      <SearchField />
      <Link href="/search" className="to-search" prefetch={false} aria-label="Go to search">
        <Search aria-hidden size={20} strokeWidth={1.75} />
      </Link>
      <Link href="/safety" prefetch={false} aria-current={here?.path === '/safety' ? 'page' : undefined}>
        <ShieldAlert aria-hidden size={20} strokeWidth={1.75} />
        <span>Safety</span>
      </Link>
      <Link
        href="/settings"
        className="to-settings"
        prefetch={false}
        aria-current={here?.path === '/settings' ? 'page' : undefined}
      >
        <Settings aria-hidden size={20} strokeWidth={1.75} />
        <span>Settings</span>
      </Link>
      <Help page={here} />
      <PlainPress
        className="to-pages"
        aria-expanded={menu.isOpen}
        onClick={(event) => menu.toggle(event.currentTarget)}
      >
        <LayoutGrid aria-hidden size={20} strokeWidth={1.75} />
        <span>All pages</span>
      </PlainPress>
    </AlwaysInReach>
  )
}

interface RowProps {
  pages: readonly ShownPage[]
  place: PlaceId
  address: string
  within: string | undefined
  menu: Menu
}

/** The pages of this place that are needed most; the rest is one press away. */
function PlaceRow({ pages, place, address, within, menu }: RowProps) {
  const under = underOf(pages, within ?? address)
  if (pages.length === 0) return null
  return (
    <Row aria-label={PLACE_WORDS[place].title}>
      <div className="inside">
        {pages.map((page) => (
          <Link
            key={page.path}
            href={page.path}
            aria-current={page === under ? (page.path === address ? 'page' : 'true') : undefined}
            prefetch={false}
          >
            <Say>{page.title}</Say>
          </Link>
        ))}
        <PlainPress aria-expanded={menu.isOpen} onClick={(event) => menu.toggle(event.currentTarget)}>
          More in {PLACE_WORDS[place].title}
          <span aria-hidden>▾</span>
        </PlainPress>
      </div>
    </Row>
  )
}
