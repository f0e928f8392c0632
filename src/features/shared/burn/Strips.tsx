import { type TestAnswer } from '@/core/notebook/answers'
import { type SpecimenNote } from '@/core/notebook/kinds/burnTest'
import { BurnStrip, type DrawnYarn } from '@/ui/burn'
import { Soft, Stack } from '@/ui/kit/surfaces'
import { describeSeen, PART_WORDS, partOf, seenIn, sessionSpecimensOf } from './session'

interface Props {
  answers: readonly TestAnswer[]
  notes?: readonly SpecimenNote[]
  yarn?: DrawnYarn
}

/** Every specimen's strip, one under the other; with its note, where it has one. */
export function Strips({ answers, notes = [], yarn }: Props) {
  const specimens = sessionSpecimensOf(answers, notes)
  return specimens.map((one) => {
    const own = answers.filter(({ specimen }) => specimen === one)
    const note = notes.find(({ specimen }) => specimen === one)?.note
    return (
      <Stack key={one} $gap="0.3rem">
        {specimens.length > 1 ? (
          <Soft>
            Sample {one}, {PART_WORDS[partOf(one, notes, answers)]}
          </Soft>
        ) : null}
        <BurnStrip seen={seenIn(own)} describe={(features) => describeSeen(own, features)} yarn={yarn} />
        {note ? <p>{note}</p> : null}
      </Stack>
    )
  })
}
