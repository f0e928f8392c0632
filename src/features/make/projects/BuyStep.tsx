'use client'

import { formatWidth } from '@/core/units/format'
import { CheckField } from '@/ui/kit/checks'
import { PlainList, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { changeProject } from './actions'
import { Costs } from './Costs'
import { type ProjectData } from './types'
import { StepTick } from './StepTick'
import { Say } from '@/ui/text/Say'

/** Everything that is still to be bought, cloth and notions, all at once. */
export function BuyStep({ project }: { project: ProjectData }) {
  const { units } = usePreferences()
  const { busy, trouble, doing } = useAsyncAction()
  const cloths = project.places.filter(
    ({ chosen }) => chosen !== null && chosen?.pieceId === null && chosen.was === '',
  )
  return (
    <Stack $gap="0.6rem">
      {cloths.map(({ role, label, title, asks, buy }) => (
        <section key={`${role} ${label}`} aria-label={`Buy ${title}`}>
          <b>{title}</b>: {asks}
          <PlainList $gap="0.2rem">
            {buy.map(({ widthMm, says }) => (
              <li key={widthMm}>
                from {formatWidth(widthMm, units)}: {says.text}
              </li>
            ))}
          </PlainList>
        </section>
      ))}
      {project.notions.map(({ text, isBought, reckoned, boxed }) => (
        <div key={text}>
          <CheckField
            isSelected={isBought}
            isDisabled={busy}
            onChange={(isOn) => doing(() => changeProject(project.id, { do: 'bought', text, isBought: isOn }))}
          >
            {text}
          </CheckField>
          {reckoned ? (
            <Soft>
              <Say>{reckoned}</Say>
            </Soft>
          ) : null}
          {boxed ? <Soft>{boxed}</Soft> : null}
        </div>
      ))}
      {project.supplies.length > 0 ? (
        <section aria-label="For sewing">
          <b>For sewing</b>
          {project.supplies.map(({ id, text, why, boxed, ask, isBought }) => (
            <div key={id}>
              <CheckField
                isSelected={isBought}
                isDisabled={busy}
                onChange={(isOn) =>
                  doing(() => changeProject(project.id, { do: 'bought', text: `supply: ${id}`, isBought: isOn }))
                }
              >
                <Say>{text}</Say>
              </CheckField>
              <Soft>
                <Say>{why}</Say> {boxed}
              </Soft>
              {isBought ? null : <Soft>Shopping: {ask}</Soft>}
            </div>
          ))}
        </section>
      ) : null}
      {cloths.length === 0 && project.notions.length === 0 && project.supplies.length === 0 ? (
        <Soft>You don’t need to buy anything.</Soft>
      ) : null}
      <Costs project={project} cloths={cloths.map(({ title }) => title)} />
      {cloths.length > 0 ? <StepTick project={project} step="buy" label="I have everything" /> : null}
      <Trouble>{trouble}</Trouble>
    </Stack>
  )
}
