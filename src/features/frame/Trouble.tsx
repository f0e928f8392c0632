import { Lead, Page, Callout, Stack, Steps } from '@/ui/kit/surfaces'
import { TROUBLES, type TroubleKind } from '@/server/store/trouble'

interface Props {
  kind: TroubleKind
  /** What was found, for somebody who can do more. */
  found: string
}

/** In place of every page that wants the notebook: what is wrong with it, what is safe, and what to do. */
export function TroublePage({ kind, found }: Props) {
  const { title, wrong, safe, todo } = TROUBLES[kind]
  return (
    <Page>
      <div>
        <h1>{title}</h1>
        <Lead>{wrong}</Lead>
      </div>
      <Callout $tone="good">
        <p>{safe}</p>
      </Callout>
      <Stack as="section" aria-labelledby="to-do">
        <h2 id="to-do">What to do</h2>
        <Steps>
          {todo.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </Steps>
      </Stack>
      {kind === 'damaged' ? (
        <p>
          <a href="/rescue" download>
            Save what can still be read
          </a>
        </p>
      ) : null}
      <details>
        <summary>What we found</summary>
        <p>{found}</p>
      </details>
    </Page>
  )
}

/** Above every page of a notebook that may be read and not written. */
export function TroubleSlip({ kind }: { kind: TroubleKind }) {
  const { title, safe } = TROUBLES[kind]
  return (
    <Callout $tone="warn" role="status">
      <p>
        <b>{title}.</b> {safe}
      </p>
    </Callout>
  )
}
