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
            By {mustHave(byLay).isCut ? 'what was cut' : 'the plan that you kept'}: it takes{' '}
            {formatNeeded(mustHave(byLay).usedLengthMm, units)}.
          </p>
        </section>
      ))}
      {known.length + laid.length === 0 ? (
        <Soft>Once a cloth is chosen and the pattern gives a length, it stands here.</Soft>
      ) : null}
      {known.map(({ role, label, title, enough }) => (
        <section key={`${role} ${label}`} aria-label={`Enough ${title}`}>
          <h3>
            {title}: {ENOUGH_WORDS[mustHave(enough).verdict].toLowerCase()}
          </h3>
          <p>By the envelope: {enoughWords(mustHave(enough), units)}</p>
          <Soft>
            Between {formatNeeded(mustHave(enough).interval80[0], units)} and{' '}
            {formatNeeded(mustHave(enough).interval80[1], units)} in four cases of five.
          </Soft>
          <Wide>
            <Figures>
              <caption className="visually-hidden">What the length is made up of</caption>
              <tbody>
                {mustHave(enough).parts.map(({ id, addMm, text }, index) => (
                  <tr key={`${id}${index}`}>
                    <th scope="row">{text}</th>
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
          <ButtonLink href={`/patterns/${project.pattern.id}/lay?project=${project.id}`}>Lay it out</ButtonLink>
        </Actions>
      ) : null}
      <StepTick project={project} step="enough" label="I laid it out, and there is enough" />
    </Stack>
  )
}
