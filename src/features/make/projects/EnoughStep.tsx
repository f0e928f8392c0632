'use client'

import styled from 'styled-components'
import { formatLength } from '@/core/units/format'
import { Figures, Soft, Stack } from '@/ui/kit/surfaces'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { ENOUGH_WORDS, enoughWords } from '../holding/enoughWords'
import { StepTick } from './StepTick'
import { type ProjectData } from './types'

const Wide = styled.div`
  overflow-x: auto;
`

/** Whether each cloth is enough, and what makes up the length. */
export function EnoughStep({ project }: { project: ProjectData }) {
  const { units } = usePreferences()
  const known = project.places.filter(({ enough }) => enough)
  return (
    <Stack>
      {known.length === 0 ? (
        <Soft>Once a cloth is chosen and the pattern gives a length, it stands here.</Soft>
      ) : null}
      {known.map(({ role, label, title, enough }) => (
        <section key={`${role} ${label}`} aria-label={`Enough ${title}`}>
          <h3>
            {title}: {ENOUGH_WORDS[enough!.verdict].toLowerCase()}
          </h3>
          <p>{enoughWords(enough!, units)}</p>
          <Soft>
            Between {formatLength(enough!.interval80[0], units)} and {formatLength(enough!.interval80[1], units)} in
            four cases of five.
          </Soft>
          <Wide>
            <Figures>
              <caption className="visually-hidden">What the length is made up of</caption>
              <tbody>
                {enough!.parts.map(({ id, addMm, text }, index) => (
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
      <StepTick project={project} step="enough" label="I laid it out, and there is enough" />
    </Stack>
  )
}
