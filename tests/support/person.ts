import { waitFor } from '@testing-library/react'
import userEvent, { type UserEvent } from '@testing-library/user-event'

/** A hand that waits, as a person does, until what it presses can be pressed: a page is busy between two answers. */
async function whenReady(element: Element): Promise<void> {
  await waitFor(() => {
    if (element.matches(':disabled, [aria-disabled="true"]')) throw new Error(`never ready: ${element.outerHTML}`)
  })
}

function patient<User extends Pick<UserEvent, 'click'>>(user: User): User {
  const own: Pick<UserEvent, 'click'> = {
    click: async (element) => {
      await whenReady(element)
      await user.click(element)
    },
  }
  return { ...user, ...own }
}

/** The usual person of the library, but patient. */
export default {
  ...patient(userEvent),
  setup: (...options: Parameters<typeof userEvent.setup>) => patient(userEvent.setup(...options)),
}
