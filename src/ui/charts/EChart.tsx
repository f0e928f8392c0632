'use client'

import { useEffect, useRef, useSyncExternalStore } from 'react'
import { type EChartsCoreOption } from 'echarts/core'
import styled from 'styled-components'

const Box = styled.div<{ $height: number }>`
  width: 100%;
  min-width: 0;
  height: ${({ $height }) => $height}px;
`

/** Colours of the page as they are now, by the name of their property. */
export type Palette = (name: string) => string

interface Props {
  /** What the chart says, for those who cannot see it; the same figures stand in a table beside it. */
  label: string
  height: number
  option: (palette: Palette) => EChartsCoreOption
}

/** Tells when the page turns light or dark. */
function subscribe(listener: () => void): () => void {
  const query = matchMedia('(prefers-color-scheme: dark)')
  query.addEventListener('change', listener)
  const watcher = new MutationObserver(listener)
  watcher.observe(document.documentElement, { attributes: true, attributeFilter: ['data-theme'] })
  return () => {
    query.removeEventListener('change', listener)
    watcher.disconnect()
  }
}
const themeNow = () => getComputedStyle(document.documentElement).getPropertyValue('--ground')

/** A chart drawn as SVG; the drawing code is fetched only where a chart is shown. */
export function EChart({ label, height, option }: Props) {
  const box = useRef<HTMLDivElement>(null)
  const theme = useSyncExternalStore(subscribe, themeNow, () => '')
  useEffect(() => {
    let gone = false
    let stop = () => {}
    void import('./engine').then(({ init }) => {
      if (gone || !box.current) return
      const chart = init(box.current, undefined, { renderer: 'svg' })
      const style = getComputedStyle(document.documentElement)
      chart.setOption({
        animation: false,
        textStyle: { fontFamily: 'inherit', fontSize: 13 },
        ...option((name) => style.getPropertyValue(`--${name}`).trim()),
      })
      const watcher = new ResizeObserver(() => chart.resize())
      watcher.observe(box.current)
      stop = () => {
        watcher.disconnect()
        chart.dispose()
      }
    })
    return () => {
      gone = true
      stop()
    }
  }, [option, theme])
  return <Box ref={box} role="img" aria-label={label} $height={height} />
}
