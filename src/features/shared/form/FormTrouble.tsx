'use client'

import { Button } from '@/ui/kit/buttons'
import { Actions, PlainList, Callout } from '@/ui/kit/surfaces'
import { type Form } from './useForm'

interface Props<T> {
  form: Pick<Form<T>, 'trouble' | 'clash' | 'saving' | 'submit' | 'value'>
  /** What a field is called and what stands in it, for those that a person would compare. */
  fields: readonly (readonly [name: string, of: (value: T) => string])[]
}

/** Why something is not kept yet, with a way to try again; and, where it was changed elsewhere, both sides. */
export function FormTrouble<T>({ form: { trouble, clash, saving, submit, value }, fields }: Props<T>) {
  if (clash) {
    const differing = fields.filter(([, of]) => of(value) !== of(clash.theirs))
    return (
      <Callout $tone="warn" role="alert">
        <p>
          <b>Not saved yet. This was changed in another window after you opened it.</b> Nothing was overwritten.
        </p>
        <PlainList>
          {differing.map(([name, of]) => (
            <li key={name}>
              {name}: here “{of(value) || '–'}”, in the other window “{of(clash.theirs) || '–'}”.
            </li>
          ))}
        </PlainList>
        <Actions>
          <Button isDisabled={saving} onPress={clash.keepMine}>
            Save my version
          </Button>
          <Button onPress={clash.takeTheirs}>Use the other version</Button>
        </Actions>
      </Callout>
    )
  }
  if (!trouble) return null
  return (
    <Callout $tone="warn" role="alert">
      <p>Not saved yet. {trouble}</p>
      <Actions>
        <Button isDisabled={saving} onPress={submit}>
          Try again
        </Button>
      </Actions>
    </Callout>
  )
}
