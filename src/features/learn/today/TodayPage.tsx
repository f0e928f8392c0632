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
        <h1>Again today</h1>
        <Lead>
          In {minutes} minutes, {isAllNew ? 'something new to learn' : 'what you are likeliest to have forgotten'}:
        </Lead>
      </div>
      <Actions role="group" aria-label="How long">
        {first ? <StrongLink href={first.href}>Begin</StrongLink> : null}
        {lengths
          .filter((one) => one !== minutes)
          .map((one) => (
            <ButtonLink key={one} href={`/learn/today?minutes=${one}`}>
              I have {one} minutes
            </ButtonLink>
          ))}
      </Actions>
      <Paper aria-labelledby="sitting">
        <h2 id="sitting">This sitting</h2>
        <Steps>
          {steps.map(({ href, says, fresh, minutes: about }) => (
            <li key={href}>
              <Link href={href}>{says}</Link>{' '}
              <Soft as="span">({[fresh, `about ${about} min`].filter(Boolean).join(', ')})</Soft>
            </li>
          ))}
        </Steps>
        <Soft>
          Each page brings what is due first. Come back here after each for what is left; a day without is no loss, it
          is only due a little later.
        </Soft>
      </Paper>
    </Page>
  )
}
