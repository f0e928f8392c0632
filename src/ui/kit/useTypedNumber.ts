'use client'

import { useEffect, useId, useRef, useState, type RefObject } from 'react'
import { useLocale } from 'react-aria-components'
import { readQuantity, type QuantityReading, type TypedKind } from '@/core/typed/readQuantity'
import { UNITS_OF } from '@/core/typed/units'
import { afterPress } from './afterPress'
import { markUnread } from './unread'

/** What a field for a number needs to know to read it. */
export interface NumberAsked {
  label: string
  /** Of the field, for example `cm`; a number without a unit counts in it. */
  unit?: string
  /** Given where a value beyond what fabric is like is to be asked about. */
  kind?: TypedKind
  /** In the field's unit; NaN where it is empty. */
  value?: number
  defaultValue?: number
  onChange?: (value: number) => void
  minValue?: number
  maxValue?: number
  step?: number
  decimals: number
}

/** What is asked of the person before a number counts. */
export interface Doubt {
  message: string
  /** Readings to choose from, in the field's unit. */
  choices: { words: string; value: number }[]
}

const KINDS_BY_UNIT = new Map<string, TypedKind>(
  (['length', 'weight', 'areal-weight', 'percent'] as const).flatMap((kind) =>
    UNITS_OF[kind].map(({ id }): [string, TypedKind] => [id, kind]),
  ),
)

/** The text of a number field: what was typed stands until it is understood, and only then is it handed on. */
export function useTypedNumber(asked: NumberAsked, input: RefObject<HTMLInputElement | null>) {
  const { value, defaultValue, onChange, step = 1, minValue = -Infinity, maxValue = Infinity } = asked
  const id = useId()
  const { locale } = useLocale()
  const [own, setOwn] = useState(defaultValue ?? NaN)
  const shown = value ?? own
  const [draft, setDraft] = useState<string | null>(null)
  const [doubt, setDoubt] = useState<Doubt | null>(null)
  const [before, setBefore] = useState(shown)
  if (!Object.is(before, shown)) {
    // Something else set it: what was typed before is past.
    setBefore(shown)
    setDraft(null)
    setDoubt(null)
  }
  const mark = (isUnread: boolean) =>
    markUnread(id, isUnread ? { label: asked.label, focus: () => input.current?.focus() } : null)
  useEffect(() => () => markUnread(id, null), [id])
  useEffect(() => {
    // Also where something else set the field.
    if (draft === null) markUnread(id, null)
  }, [id, draft])
  const turn = useRef(0)
  const text = draft ?? written(shown, locale, asked.decimals)
  const take = (next: number) => {
    turn.current++
    mark(false)
    setDoubt(null)
    setDraft(null)
    setOwn(next)
    if (!Object.is(next, shown)) onChange?.(next)
  }
  const commit = () => {
    if (draft === null || draft === written(shown, locale, asked.decimals)) {
      mark(false)
      setDraft(null)
      setDoubt(null)
    } else if (draft.trim() === '') take(NaN)
    else {
      const outcome = understood(draft, asked, locale)
      if (typeof outcome === 'number') take(outcome)
      else {
        // Nothing is saved from now on; the question comes when the pointer is up.
        mark(true)
        const mine = ++turn.current
        // Unless it was answered, or something else was typed, by that very press.
        afterPress(() => (mine === turn.current ? setDoubt(outcome) : undefined))
      }
    }
  }
  return {
    text,
    doubt,
    commit,
    take,
    type: (typed: string) => {
      turn.current++
      mark(false)
      setDraft(typed)
      setDoubt(null)
    },
    stepBy: (steps: number) => {
      const from = Number.isFinite(shown) ? shown + steps * step : Number.isFinite(minValue) ? minValue : 0
      take(Math.min(Math.max(Number(from.toFixed(6)), minValue), maxValue))
    },
  }
}

/** A number as the person's language writes it; nothing where there is none. */
function written(value: number, locale: string, decimals: number): string {
  if (!Number.isFinite(value)) return ''
  return new Intl.NumberFormat(locale, { maximumFractionDigits: decimals, useGrouping: false }).format(value)
}

/** The number in the field's unit, or what has to be asked first. */
function understood(typed: string, asked: NumberAsked, locale: string): number | Doubt {
  const { unit = '', minValue = -Infinity, maxValue = Infinity } = asked
  const kind = asked.kind ?? KINDS_BY_UNIT.get(unit) ?? 'number'
  const factor = UNITS_OF[kind].find(({ id }) => id === unit)?.factor ?? 1
  const own = (value: number) => Number((value / factor).toPrecision(10))
  const inUnit = ({ value }: QuantityReading) => own(value)
  const range = [minValue * factor, maxValue * factor] as const
  const outcome = readQuantity(withoutUnit(typed, unit, kind), {
    kind,
    locale,
    ...(unit && { assume: unit }),
    ...(!asked.kind && { range }),
  })
  if (!outcome.ok) return { message: outcome.message, choices: [] }
  const { read } = outcome
  const value = inUnit(read)
  if (read.ambiguous || (asked.kind && !read.plausible && value !== 0)) {
    const readings = read.readings.length > 0 ? read.readings : [read]
    const sensible = readings.filter((one) => inUnit(one) >= minValue && inUnit(one) <= maxValue)
    const choices = sensible.map((one) => ({ words: inWords(one, kind, locale), value: inUnit(one) }))
    const message = read.ambiguous ? 'Which of these do you mean?' : 'That is unusual for fabric. Is it right?'
    if (choices.length > 0) return { message, choices: uniqueOf(choices) }
  }
  if (value < minValue || value > maxValue) return { message: beyond(asked, locale), choices: [] }
  return value
}

/** A unit of the field that is none of the kind's, for example `threads per cm`, may stand behind the number. */
function withoutUnit(typed: string, unit: string, kind: TypedKind): string {
  const text = typed.trim()
  return kind === 'number' && unit && text.toLowerCase().endsWith(unit.toLowerCase())
    ? text.slice(0, -unit.length)
    : text
}

function inWords({ value, unit }: QuantityReading, kind: TypedKind, locale: string): string {
  const factor = UNITS_OF[kind].find(({ id }) => id === unit)?.factor ?? 1
  const number = new Intl.NumberFormat(locale, { maximumFractionDigits: 3 }).format(value / factor)
  return unit ? `${number} ${unit}` : number
}

const uniqueOf = (choices: Doubt['choices']) =>
  choices.filter(({ words }, i) => choices.findIndex((other) => other.words === words) === i)

function beyond({ minValue = -Infinity, maxValue = Infinity, unit = '', decimals }: NumberAsked, locale: string) {
  const [low, high] = [minValue, maxValue].map((value) => `${written(value, locale, decimals)} ${unit}`.trim())
  if (!Number.isFinite(maxValue)) return `Please enter ${low} or more.`
  if (!Number.isFinite(minValue)) return `Please enter ${high} or less.`
  return `Please enter a number from ${low} to ${high}.`
}
