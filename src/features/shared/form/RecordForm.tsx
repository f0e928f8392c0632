'use client'

import { useEffect, useRef, type ReactNode } from 'react'
import { StrongButton } from '@/ui/kit/buttons'
import { FormBox } from '@/ui/kit/FormBox'
import { AtFoot } from '@/ui/kit/surfaces'
import { FormTrouble } from './FormTrouble'
import { type Form } from './useForm'

interface Props<T> {
  form: Form<T>
  /** What its button says. */
  keep: string
  /** Sends it; the form's own way where it is left out. */
  onKeep?: () => void
  /** What is called how, for those that two windows may have written differently. */
  compared?: readonly (readonly [name: string, of: (value: T) => string])[]
  isDisabled?: boolean
  /** Stands beside the button. */
  beside?: ReactNode
  children: ReactNode
}

/**
 * What is filled in and sent as a whole: by its button, or by Enter in any of its fields. Where a field is refused, the
 * keyboard is taken to the first of them.
 */
export function RecordForm<T>({
  form,
  keep,
  onKeep = form.submit,
  compared = [],
  isDisabled = false,
  beside,
  children,
}: Props<T>) {
  const { trouble, saving } = form
  const box = useRef<HTMLFormElement>(null)
  useEffect(() => {
    const refused = trouble ? box.current?.querySelector<HTMLElement>('[aria-invalid="true"]') : undefined
    const fold = refused?.closest('details')
    if (fold) fold.open = true
    refused?.focus()
  }, [trouble])
  return (
    <FormBox
      ref={box}
      onSubmit={() => {
        if (!saving && !isDisabled) onKeep()
      }}
    >
      {children}
      <FormTrouble form={{ ...form, submit: onKeep }} fields={compared} />
      <AtFoot>
        <StrongButton type="submit" isDisabled={saving || isDisabled}>
          {saving ? 'Saving…' : keep}
        </StrongButton>
        {beside}
      </AtFoot>
    </FormBox>
  )
}
