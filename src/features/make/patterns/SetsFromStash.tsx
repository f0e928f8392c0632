'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { VERDICT_WORDS } from '@/features/shared/choose/words'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { Paper, PlainList, Soft, Stack } from '@/ui/kit/surfaces'
import { type Loaded, type loadPattern } from './load'
import { itemAt, mustHave } from '@/core/lists/items'
import { Say } from '@/ui/text/Say'

type StashSets = Loaded<typeof loadPattern>['sets']

const Row = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 0.75rem;
  grid-template-columns: repeat(auto-fill, minmax(8.5rem, 1fr));
`
const Sets = styled.div`
  display: grid;
  gap: 1.25rem;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 20rem), 1fr));
`

/** The best sets of the stash: cloth, lining, interfacing and wadding that go together. */
export function SetsFromStash({ sets }: { sets: StashSets }) {
  return (
    <Paper aria-labelledby="sets">
      <h2 id="sets">Suggested combinations</h2>
      <Sets>
        {sets.map(({ verdict, cloths, says, care }) => (
          <Stack key={mustHave(itemAt(cloths, 0).piece).id} $gap="0.6rem">
            <b>{VERDICT_WORDS[verdict]}</b>
            <Row>
              {cloths.map(({ role, piece, buy }) => (
                <li key={role}>
                  {piece ? (
                    <>
                      <ClothSwatch tile={piece.tile} label={`${piece.name}, drawn`} height="4.5rem" scale={0.6} />
                      <Soft as="span">{role}: </Soft>
                      <Link href={`/stash/${piece.id}`} prefetch={false}>
                        {piece.name}
                      </Link>
                    </>
                  ) : (
                    <>
                      <Soft as="span">{role}: </Soft>
                      {buy}
                    </>
                  )}
                </li>
              ))}
            </Row>
            {says.length > 0 ? (
              <PlainList $gap="0.3rem">
                {says.map(({ id, text }) => (
                  <li key={id}>
                    <Say>{text}</Say>
                  </li>
                ))}
              </PlainList>
            ) : null}
            <Soft>
              <Say>{care}</Say>
            </Soft>
          </Stack>
        ))}
      </Sets>
    </Paper>
  )
}
