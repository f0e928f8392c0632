import { cutOrder } from '@/core/making/cutOrder'
import { Steps } from '@/ui/kit/surfaces'
import { WhenOpened } from '@/ui/kit/WhenOpened'
import { type OnTable, type LayoutEditor } from './useLayoutEditor'

/** In which order it is cut, in words. */
export function cutStepsOf(table: LayoutEditor, lay: OnTable): string[] {
  const { pieces } = table.data
  const notched = new Set(pieces.flatMap(({ id, notches }) => (notches.length > 0 ? [id] : [])))
  const folded = new Set(pieces.flatMap(({ id, onFold }) => (onFold ? [id] : [])))
  return cutOrder(lay.placements, {
    layers: lay.layers,
    name: (id) => table.names.get(id) ?? id,
    notched,
    folded,
    isOneWay: lay.task.cloth?.oneWay ?? false,
  })
}

/** In which order it is cut. */
export function CutOrder({ table, lay }: { table: LayoutEditor; lay: OnTable }) {
  const steps = cutStepsOf(table, lay)
  return (
    <WhenOpened summary="Cutting order">
      {() => (
        <Steps>
          {steps.map((text) => (
            <li key={text}>{text}</li>
          ))}
        </Steps>
      )}
    </WhenOpened>
  )
}
