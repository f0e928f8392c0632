'use client'

import { ROLE_WORDS, ROLES, type Role } from '@/core/vocabulary/choosing'
import { Button, QuietButton } from '@/ui/kit/buttons'
import { TextField } from '@/ui/kit/fields'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Fields, Paper, Soft, Stack } from '@/ui/kit/surfaces'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { type PartnerDraft } from './draft'
import { LengthsField } from './LengthsField'
import { partnerWords } from './needWords'

const PARTNERS = ROLES.filter((role) => role !== 'main')

interface Props {
  partners: readonly PartnerDraft[]
  onChange: (partners: PartnerDraft[]) => void
}

/** The cloths beside the main one: lining, interfacing, contrast and so on. */
export function PartnerFields({ partners, onChange }: Props) {
  const { units } = usePreferences()
  const change = (at: number, over: Partial<PartnerDraft>) =>
    onChange(partners.map((partner, index) => (index === at ? { ...partner, ...over } : partner)))
  return (
    <Paper aria-labelledby="partners">
      <h2 id="partners">Other fabrics it needs</h2>
      {partners.length === 0 ? <Soft>None: no lining, interfacing or contrast.</Soft> : null}
      {partners.map((partner, index) => (
        <Stack key={index} as="section" $gap="0.7rem" aria-label={`${ROLE_WORDS[partner.role]} ${index + 1}`}>
          <Fields>
            <SelectField
              label="Use"
              value={partner.role}
              onChange={(role) => change(index, { role: role as Exclude<Role, 'main'> })}
              options={PARTNERS.map((role) => [role, ROLE_WORDS[role]])}
            />
            <TextField
              label="Name on the pattern"
              value={partner.label}
              onChange={(label) => change(index, { label })}
            />
          </Fields>
          <Soft>{partnerWords(partner, units)}</Soft>
          <LengthsField
            label={`Lengths of the ${partner.label || ROLE_WORDS[partner.role]}`}
            value={partner.lengthsText}
            onChange={(lengthsText) => change(index, { lengthsText })}
          />
          <Actions>
            <QuietButton onPress={() => onChange(partners.filter((_, at) => at !== index))}>
              Remove the {ROLE_WORDS[partner.role]}
            </QuietButton>
          </Actions>
        </Stack>
      ))}
      <Actions>
        <Button
          isDisabled={partners.length >= 12}
          onPress={() => onChange([...partners, { role: 'lining', label: '', need: {}, lengthsText: '' }])}
        >
          Add a fabric
        </Button>
      </Actions>
    </Paper>
  )
}
