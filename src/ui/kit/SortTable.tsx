'use client'

import { ArrowDown, ArrowUp } from 'lucide-react'
import { useMemo, useState, type ReactNode } from 'react'
import { Cell, Column, Row, Table, TableBody, TableHeader, type SortDescriptor } from 'react-aria-components'
import styled from 'styled-components'
import { itemAt } from '@/core/lists/items'

const Sheet = styled(Table)`
  border-collapse: collapse;
  font-size: 0.92rem;
  width: 100%;
  th,
  td {
    text-align: right;
    padding: 0.25rem 0.5rem;
    border-bottom: 1px solid var(--line);
    font-variant-numeric: tabular-nums;
  }
  th {
    cursor: pointer;
    white-space: nowrap;
    font-weight: 600;
  }
  th svg {
    vertical-align: -2px;
  }
  th:first-child,
  td:first-child {
    text-align: left;
  }
  [data-focus-visible] {
    outline: 3px solid var(--madder);
    outline-offset: -2px;
  }
`

/** What stands in a cell, and by what it is put in order. */
export interface Sorted {
  shown: ReactNode
  by: number | string
}

interface Props {
  label: string
  /** The first names the row. */
  columns: readonly string[]
  rows: readonly { id: string; cells: readonly Sorted[] }[]
}

/** Figures in rows, put in order by any of their columns: numbers from the largest, words from A. */
export function SortTable({ label, columns, rows }: Props) {
  const [order, setOrder] = useState<SortDescriptor>()
  const sorted = useMemo(() => inOrder(rows, order), [rows, order])
  return (
    <Sheet aria-label={label} sortDescriptor={order} onSortChange={(next) => setOrder(turned(next, order, rows))}>
      <TableHeader>
        {columns.map((name, index) => (
          <Column key={name} id={index} isRowHeader={index === 0} allowsSorting>
            {name}
            {order?.column === index ? <Direction is={order.direction} /> : null}
          </Column>
        ))}
      </TableHeader>
      <TableBody>
        {sorted.map(({ id, cells }) => (
          <Row key={id} id={id}>
            {cells.map(({ shown }, index) => (
              <Cell key={columns[index]}>{shown}</Cell>
            ))}
          </Row>
        ))}
      </TableBody>
    </Sheet>
  )
}

function Direction({ is }: { is: SortDescriptor['direction'] }) {
  return is === 'ascending' ? <ArrowUp aria-hidden size={14} /> : <ArrowDown aria-hidden size={14} />
}

/** A column that was not sorted by before begins with its largest number. */
function turned(next: SortDescriptor, before: SortDescriptor | undefined, rows: Props['rows']): SortDescriptor {
  if (next.column === before?.column) return next
  const isNumber = typeof rows[0]?.cells[Number(next.column)]?.by === 'number'
  return { ...next, direction: isNumber ? 'descending' : 'ascending' }
}

function inOrder(rows: Props['rows'], order: SortDescriptor | undefined): Props['rows'] {
  if (!order) return rows
  const at = Number(order.column)
  const sign = order.direction === 'ascending' ? 1 : -1
  return [...rows].sort((a, b) => sign * compared(itemAt(a.cells, at).by, itemAt(b.cells, at).by))
}

function compared(a: number | string, b: number | string): number {
  return typeof a === 'number' && typeof b === 'number' ? a - b : String(a).localeCompare(String(b))
}
