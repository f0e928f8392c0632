'use client'

import { useState } from 'react'
import { newSet } from '@/core/practice/addedFiles'
import { type GroupSet } from '@/core/practice/groupSet'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { CheckField, CheckGroup } from '@/ui/kit/checks'
import { TextField } from '@/ui/kit/fields'
import { NumberField } from '@/ui/kit/NumberField'
import { saveFile } from '@/ui/kit/saveFile'
import { Actions, Paper, Soft } from '@/ui/kit/surfaces'
import { Say } from '@/ui/text/Say'

const LEVELS = [
  ['pure', 'Single fibres, one of each family'],
  ['lookalike', 'Lookalikes'],
  ['blend', 'Two fibres blended'],
  ['trace', 'A trace of another fibre'],
  ['union', 'Different fibres in warp and weft'],
  ['finish', 'Hidden by a finish or a coating'],
  ['misleading', 'Misleading burns'],
] as const
type Level = (typeof LEVELS)[number][0]

interface Props {
  onOpen: (set: GroupSet) => void
  isBusy: boolean
}

/** A new set: what it is called, how many, how hard. */
export function MakeSet({ onOpen, isBusy }: Props) {
  const [title, setTitle] = useState('')
  const [count, setCount] = useState(8)
  const [levels, setLevels] = useState<readonly Level[]>(['pure'])
  const make = () =>
    newSet({ title: title.trim(), count, levels: [...levels], seed: Math.floor(Math.random() * 1_000_000_000) })
  const isWhole = title.trim() !== '' && levels.length > 0 && count >= 3 && count <= 20
  const save = () => {
    const set = make()
    const name = set.title.toLowerCase().replace(/[^\p{L}\d]+/gu, '-')
    saveFile(`practice-${name}.json`, JSON.stringify(set, null, 2), 'application/json')
  }
  return (
    <Paper aria-labelledby="make-set">
      <h2 id="make-set">Make a set</h2>
      <TextField label="Name of the set" value={title} onChange={setTitle} maxLength={80} />
      <NumberField label="Number of samples" value={count} minValue={3} maxValue={20} onChange={setCount} />
      <CheckGroup legend="Difficulty">
        {LEVELS.map(([id, words]) => (
          <CheckField
            key={id}
            isSelected={levels.includes(id)}
            onChange={(isOn) => setLevels(isOn ? [...levels, id] : levels.filter((one) => one !== id))}
          >
            <Say>{words}</Say>
          </CheckField>
        ))}
      </CheckGroup>
      <Actions>
        <StrongButton isDisabled={!isWhole} onPress={save}>
          Save set
        </StrongButton>
        <Button isDisabled={!isWhole || isBusy} onPress={() => onOpen(make())}>
          Try a similar one
        </Button>
      </Actions>
      <Soft>The file holds a seed, so that the same samples burn the same way on every device.</Soft>
    </Paper>
  )
}
