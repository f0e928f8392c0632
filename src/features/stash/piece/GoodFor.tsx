import { usesOf } from '@/core/making/uses'
import { type Outline } from '@/core/shapes/polygon'
import { Figures } from '@/ui/kit/surfaces'
import { Say } from '@/ui/text/Say'

/** What a left-over piece is good for, each reckoned from its largest rectangle. */
export function GoodFor({ outline, name }: { outline: Outline; name: string }) {
  const uses = usesOf(outline)
  if (uses.length === 0) return <p>Too small for anything but stuffing.</p>
  return (
    <Figures>
      <caption className="visually-hidden">What {name} can be used for</caption>
      <tbody>
        {uses.map(({ id, text, amount }) => (
          <tr key={id}>
            <th scope="row">
              <Say>{text}</Say>
            </th>
            <td>{id.startsWith('bias') ? `${amount} m` : id === 'squares' || id === 'hexagons' ? amount : 'yes'}</td>
          </tr>
        ))}
      </tbody>
    </Figures>
  )
}
