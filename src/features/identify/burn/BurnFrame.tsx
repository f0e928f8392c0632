'use client'

import { useRef } from 'react'
import styled from 'styled-components'
import { PlaceDrawing, PLAIN_YARN, STRIP_PLACES, type DrawnYarn, type SeenStates } from '@/ui/burn'
import { useStopwatch } from '../../shared/useStopwatch'

const Box = styled.div`
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
  gap: 4px;
  flex: 1 100 12rem;
  min-height: 3.5rem;
  max-height: 15rem;
  padding: 0.4rem 0.75rem 0;
  @media (max-height: 34rem) {
    .thumbs {
      display: none;
    }
  }
  .frame {
    position: relative;
    display: block;
    width: 100%;
    min-height: 0;
    padding: 0;
    overflow: hidden;
    border: 2px solid var(--weld);
    border-radius: 4px;
    background: #f7f5ee;
    color: #2a2119;
    font: inherit;
    text-align: left;
    touch-action: none;
    user-select: none;
    -webkit-touch-callout: none;
  }
  .frame svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    border-radius: 0;
  }
  .frame[data-timing='true'] {
    background: #eadfb6;
  }
  .said {
    position: absolute;
    left: 0.5rem;
    bottom: 0.3rem;
    font-size: 0.9rem;
    font-weight: 700;
    background: #f7f5ee;
    padding: 0 0.3rem;
    border-radius: 3px;
  }
  .thumbs {
    list-style: none;
    margin: 0;
    padding: 0;
    display: grid;
    grid-template-columns: repeat(6, minmax(0, 1fr));
    gap: 4px;
  }
  .thumbs svg {
    display: block;
    width: 100%;
    height: 1.9rem;
    border: 1px solid var(--line);
  }
  .thumbs [data-here='true'] svg {
    border: 2px solid var(--weld);
  }
`

interface Props {
  seen: SeenStates
  /** The place that the present question asks about. */
  here: string | undefined
  yarn?: DrawnYarn
  /** What can be timed here by holding the frame: `until it catches fire`. */
  timed?: { what: string; kept: number | null; onTimed: (seconds: number) => void }
}

/**
 * The burn on a phone: the present frame large, as it now looks, and the whole strip small beneath. Decoration, but for
 * the watch: the strip of a wide screen and the answers say the same in words.
 */
export function BurnFrame({ seen, here, yarn = PLAIN_YARN, timed }: Props) {
  const place = STRIP_PLACES.find(({ id }) => id === here) ?? STRIP_PLACES[0]
  const drawing = (
    <svg
      className="drawn"
      viewBox="-60 10 240 100"
      preserveAspectRatio="xMidYMid slice"
      aria-hidden
      focusable="false"
    >
      <PlaceDrawing place={place.id} seen={seen} yarn={yarn} />
    </svg>
  )
  return (
    <Box>
      {timed ? (
        <Held {...timed}>{drawing}</Held>
      ) : (
        <div className="frame">
          {drawing}
          <span className="said" aria-hidden>
            {place.title}
          </span>
        </div>
      )}
      <ol className="thumbs" aria-hidden>
        {STRIP_PLACES.map(({ id }) => (
          <li key={id} data-here={id === place.id}>
            <svg className="drawn" viewBox="0 15 120 85" focusable="false">
              <PlaceDrawing place={id} seen={seen} yarn={yarn} />
            </svg>
          </li>
        ))}
      </ol>
    </Box>
  )
}

/** The frame as a watch: it runs while it is held, by finger or by key. */
function Held({ what, kept, onTimed, children }: NonNullable<Props['timed']> & { children: React.ReactNode }) {
  const { seconds, running, toggle } = useStopwatch()
  const isHeld = useRef(false)
  const press = () => {
    if (isHeld.current) return
    isHeld.current = true
    toggle()
  }
  const release = () => {
    if (!isHeld.current) return
    isHeld.current = false
    const taken = toggle()
    if (taken !== null) onTimed(Math.round(taken * 10) / 10)
  }
  const isKey = (event: React.KeyboardEvent) => event.key === ' ' || event.key === 'Enter'
  const said = running
    ? `${seconds.toFixed(1)} s`
    : kept === null
      ? `Hold to time it ${what}`
      : `${kept.toFixed(1)} s`
  return (
    <button
      type="button"
      className="frame"
      data-timing={running}
      aria-label={`Hold to time it ${what}`}
      onPointerDown={press}
      onPointerUp={release}
      onPointerCancel={release}
      onPointerLeave={release}
      onContextMenu={(event) => event.preventDefault()}
      onBlur={release}
      onKeyDown={(event) => {
        if (!isKey(event)) return
        event.preventDefault()
        event.stopPropagation()
        press()
      }}
      onKeyUp={(event) => {
        if (isKey(event)) release()
      }}
    >
      {children}
      <span className="said" role="status">
        {said}
      </span>
    </button>
  )
}
