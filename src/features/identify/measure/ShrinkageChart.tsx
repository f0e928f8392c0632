'use client'

import { useCallback } from 'react'
import { type ShrinkageCurve } from '@/core/measure/shrinkage'
import { EChart, type Palette } from '@/ui/charts/EChart'
import { Figures } from '@/ui/kit/surfaces'

type Curves = Record<'length' | 'width', ShrinkageCurve>

/** Washes that the curve is drawn on for. */
const AHEAD = 3

/** The measured washes and the curve towards its limit, each way. */
export function ShrinkageChart({ curves }: { curves: Curves }) {
  const option = useCallback((palette: Palette) => shrinkageOption(curves, palette), [curves])
  return (
    <>
      <EChart
        height={230}
        label="Change of the square after each wash, and where it will end; the figures are in the table below"
        option={option}
      />
      <Figures>
        <thead>
          <tr>
            <th scope="col">Washes</th>
            <th scope="col">Lengthwise</th>
            <th scope="col">Across the width</th>
          </tr>
        </thead>
        <tbody>
          {curves.length.each.map(({ value }, wash) => (
            <tr key={wash}>
              <th scope="row">{wash + 1}</th>
              <td>{value.toFixed(1)} %</td>
              <td>{curves.width.each[wash]?.value.toFixed(1)} %</td>
            </tr>
          ))}
        </tbody>
      </Figures>
    </>
  )
}

function shrinkageOption(curves: Curves, palette: Palette) {
  const most = curves.length.each.length + AHEAD
  const curve = ({ limit, left }: ShrinkageCurve) =>
    Array.from({ length: most * 4 + 1 }, (_, i) => [i / 4, limit.value * (1 - left ** (i / 4))])
  const points = ({ each }: ShrinkageCurve) => [[0, 0], ...each.map(({ value }, wash) => [wash + 1, value])]
  const axis = {
    axisLabel: { color: palette('ink-soft') },
    nameTextStyle: { color: palette('ink-soft') },
    splitLine: { lineStyle: { color: palette('line') } },
  }
  const ways = [
    ['length', 'lengthwise', palette('indigo'), 'circle', 'solid'],
    ['width', 'across', palette('madder'), 'rect', 'dashed'],
  ] as const
  return {
    grid: { left: 46, right: 16, top: 34, bottom: 42 },
    legend: { top: 0, textStyle: { color: palette('ink') }, data: ways.map(([, name]) => name) },
    xAxis: { ...axis, type: 'value', name: 'washes', nameLocation: 'middle', nameGap: 26, minInterval: 1, max: most },
    yAxis: { ...axis, type: 'value', axisLabel: { color: palette('ink-soft'), formatter: '{value} %' } },
    series: ways.flatMap(([way, name, colour, symbol, dash]) => [
      {
        name,
        type: 'line',
        data: points(curves[way]),
        symbol,
        symbolSize: 11,
        lineStyle: { opacity: 0 },
        itemStyle: { color: colour },
      },
      {
        name: `${name}, curve`,
        type: 'line',
        data: curve(curves[way]),
        showSymbol: false,
        smooth: true,
        lineStyle: { color: colour, type: dash },
      },
    ]),
  }
}
