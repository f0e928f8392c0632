import { type EChartsCoreOption } from 'echarts/core'
import { families } from '@/core/fibres/families'
import { FAMILIES } from '@/core/vocabulary/fibres'
import { type Glance } from '@/core/identify/identify'
import { type Evidence } from '@/core/identify/types'
import { DYE_NAMES } from '@/ui/belief/dyes'
import { type Palette } from '@/ui/charts/EChart'
import { timesWords, whyTitleOf } from '../../../shared/burn/why'
import { mustHave } from '@/core/lists/items'

/**
 * Bits at which a cell has its full colour, and per cent of dye in it then: words on it keep 4.5 : 1, light and dark.
 */
const FULL_BITS = 4
const MOST_TINT = 42

const tinted = (colour: string, paper: string, percent: number) =>
  `color-mix(in srgb, ${colour} ${percent.toFixed(0)}%, ${paper})`

export interface EvidenceColumn {
  name: string
  bitsOf: (evidence: Evidence) => number
}

/** What an answer can speak for: the mixture where the verdict is one, and each family alone. */
export function evidenceColumns(evidence: readonly Evidence[]): readonly EvidenceColumn[] {
  const alone = FAMILIES.map((id) => ({ name: families[id].name, bitsOf: ({ bits }: Evidence) => bits[id] }))
  return evidence.some(({ mixture }) => mixture)
    ? [{ name: 'The blend', bitsOf: ({ mixture }) => mixture?.bits ?? 0 }, ...alone]
    : alone
}

/** What each answer did to each family: a cell for each, "×4" where it made it four times likelier. */
export function evidenceOption(
  evidence: readonly Evidence[],
  columns: readonly EvidenceColumn[],
  palette: Palette,
): EChartsCoreOption {
  const cells = evidence.flatMap((one, row) =>
    columns.map(({ bitsOf }, column) => {
      const bits = bitsOf(one)
      const strength = Math.min(1, Math.abs(bits) / FULL_BITS)
      return {
        value: [column, row, bits],
        itemStyle: {
          color: tinted(palette(bits >= 0 ? 'green' : 'madder'), palette('paper'), strength * MOST_TINT),
          borderColor: palette('paper'),
          borderWidth: 2,
        },
        label: { formatter: timesWords(bits) },
      }
    }),
  )
  const axis = { axisLine: { show: false }, axisTick: { show: false } }
  return {
    grid: { left: 8, right: 8, top: 28, bottom: 4, outerBoundsMode: 'same' },
    xAxis: {
      type: 'category',
      position: 'top',
      data: columns.map(({ name }) => name),
      ...axis,
      axisLabel: { color: palette('ink'), interval: 0, hideOverlap: false },
    },
    yAxis: {
      type: 'category',
      inverse: true,
      data: evidence.map(whyTitleOf),
      ...axis,
      axisLabel: { color: palette('ink'), width: 150, overflow: 'break', lineHeight: 15 },
    },
    series: [{ type: 'heatmap', data: cells, label: { show: true, color: palette('ink') } }],
  }
}

const SYMBOLS = ['circle', 'rect', 'triangle', 'diamond', 'roundRect', 'pin'] as const
const DASHES = ['solid', 'solid', 'dashed', 'solid', 'solid', 'dotted'] as const

/** Where the belief came from: how likely each family was to be in the cloth, answer by answer. */
export function stepsOption(
  steps: readonly Glance[],
  labels: readonly string[],
  palette: Palette,
): EChartsCoreOption {
  return {
    grid: { left: 8, right: 16, top: 44, bottom: 8, outerBoundsMode: 'same' },
    legend: { top: 0, textStyle: { color: palette('ink') }, itemWidth: 26 },
    tooltip: {
      trigger: 'axis',
      valueFormatter: (value: unknown) => `${Math.round(Number(value))} %`,
      backgroundColor: palette('paper'),
      textStyle: { color: palette('ink') },
      borderColor: palette('line'),
    },
    xAxis: {
      type: 'category',
      data: labels,
      boundaryGap: false,
      axisLabel: { color: palette('ink'), rotate: 38, interval: 0, fontSize: 12 },
      axisLine: { lineStyle: { color: palette('line') } },
    },
    yAxis: {
      type: 'value',
      min: 0,
      max: 100,
      axisLabel: { color: palette('ink'), formatter: '{value} %' },
      splitLine: { lineStyle: { color: palette('line') } },
    },
    series: FAMILIES.map((id, index) => ({
      name: families[id].name,
      type: 'line',
      symbol: SYMBOLS[index],
      symbolSize: 8,
      lineStyle: { width: 3, type: DASHES[index] },
      color: palette(DYE_NAMES[id]),
      data: steps.map((step) => 100 * mustHave(step.families.find((one) => one.id === id)).present),
    })),
  }
}
