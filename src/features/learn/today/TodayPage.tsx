import Link from 'next/link'
import { ButtonLink, StrongLink } from '@/ui/kit/links'
import { Actions, Lead, Page, Paper, Soft, Steps } from '@/ui/kit/surfaces'
import { type TodayData } from './load'

/** What is practised today, in five minutes or in twenty: what is likeliest to be forgotten, of all that is learned. */
export function TodayPage({ minutes, lengths, steps }: TodayData) {
  const [first] = steps
  const isAllNew = steps.every(({ fresh }) => fresh === 'new')
  return (
    <Page>
      <div>
        <h1>Today’s practice</h1>
        <Lead>
          In {minutes} minutes, {isAllNew ? 'something new to learn' : 'what you are likely to have forgotten'}:
        </Lead>
      </div>
      <Actions role="group" aria-label="Duration">
        {first ? <StrongLink href={first.href}>Start</StrongLink> : null}
        {lengths
          .filter((one) => one !== minutes)
          .map((one) => (
            <ButtonLink key={one} href={`/learn/today?minutes=${one}`}>
              I have {one} minutes
            </ButtonLink>
          ))}
      </Actions>
      <Paper aria-labelledby="sitting">
        <h2 id="sitting">Today</h2>
        <Steps>
          {steps.map(({ href, says, fresh, minutes: about }) => (
            <li key={href}>
              <Link href={href}>{says}</Link>{' '}
              <Soft as="span">({[fresh, `about ${about} min`].filter(Boolean).join(', ')})</Soft>
            </li>
          ))}
        </Steps>
        <Soft>
          Each page brings what is due first. Come back here for the rest; if you skip a day, it just comes later.
        </Soft>
      </Paper>
    </Page>
  )
}
