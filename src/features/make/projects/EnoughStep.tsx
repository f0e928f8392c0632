'use client'

import styled from 'styled-components'
import { formatLength, formatNeeded } from '@/core/units/format'
import { ButtonLink } from '@/ui/kit/links'
import { Actions, Figures, Soft, Stack } from '@/ui/kit/surfaces'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { ENOUGH_WORDS, enoughWords } from '../holding/enoughWords'
import { StepTick } from './StepTick'
import { type ProjectData } from './types'
import { mustHave } from '@/core/lists/items'
import { Say } from '@/ui/text/Say'

const Wide = styled.div`
  overflow-x: auto;
`

/** Whether each cloth is enough, and what makes up the length. */
export function EnoughStep({ project }: { project: ProjectData }) {
  const { units } = usePreferences()
  const known = project.places.filter(({ enough, byLay }) => enough && !byLay)
  const laid = project.places.filter(({ byLay }) => byLay)
  return (
    <Stack>
      {laid.map(({ role, label, title, byLay }) => (
        <section key={`${role} ${label}`} aria-label={`Enough ${title}`}>
          <h3>{title}: there is enough</h3>
          <p>
            From {mustHave(byLay).isCut ? 'what you cut' : 'your saved layout'}: you need{' '}
            {formatNeeded(mustHave(byLay).usedLengthMm, units)}.
          </p>
        </section>
      ))}
      {known.length + laid.length === 0 ? (
        <Soft>We show this once you choose a fabric and the pattern gives a length.</Soft>
      ) : null}
      {known.map(({ role, label, title, enough }) => (
        <section key={`${role} ${label}`} aria-label={`Enough ${title}`}>
          <h3>
            {title}: {ENOUGH_WORDS[mustHave(enough).verdict].toLowerCase()}
          </h3>
          <p>From the envelope: {enoughWords(mustHave(enough), units)}</p>
          <Soft>
            Between {formatNeeded(mustHave(enough).interval80[0], units)} and{' '}
            {formatNeeded(mustHave(enough).interval80[1], units)} in four cases out of five.
          </Soft>
          <Wide>
            <Figures>
              <caption className="visually-hidden">What the length includes</caption>
              <tbody>
                {mustHave(enough).parts.map(({ id, addMm, text }, index) => (
                  <tr key={`${id}${index}`}>
                    <th scope="row">
                      <Say>{text}</Say>
                    </th>
                    <td>{formatLength(addMm, units)}</td>
                  </tr>
                ))}
              </tbody>
            </Figures>
          </Wide>
        </section>
      ))}
      {project.pattern ? (
        <Actions>
          <ButtonLink href={`/make/patterns/${project.pattern.id}/layout?project=${project.id}`}>
            Lay out pattern pieces
          </ButtonLink>
        </Actions>
      ) : null}
      <StepTick project={project} step="enough" label="I laid it out, and there is enough" />
    </Stack>
  )
}
