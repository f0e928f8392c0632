import styled from 'styled-components'

const Small = styled.img`
  display: inline-block;
  vertical-align: middle;
  width: 3rem;
  height: 3rem;
  object-fit: cover;
  border: 1px solid var(--line);
`

/** The picture that threads were counted from, small; the whole of it opens. */
export function CountedFrom({ name }: { name: string | null | undefined }) {
  if (!name) return null
  return (
    <a href={`/pictures/${name}`} target="_blank" rel="noreferrer">
      <Small src={`/pictures/${name}?small`} alt="The photo that was counted" />
    </a>
  )
}
