import styled from 'styled-components'

/** As wide as the longer of the two at all times: what stands below never jumps from under a finger. */
const OneOfTwo = styled.span`
  display: inline-grid;
  > * {
    grid-area: 1 / 1;
  }
  > [aria-hidden] {
    visibility: hidden;
  }
`

/**
 * Whether all that was answered lies in the notebook.
 * @param keeping something is being written; @param allKept nothing is, and nothing waits of an earlier visit
 */
export function KeptMark({ keeping, allKept }: { keeping: boolean; allKept: boolean }) {
  return (
    <OneOfTwo data-kept={allKept ? 'yes' : 'no'}>
      <span aria-hidden={keeping ? undefined : true}>Saving…</span>
      <span aria-hidden={keeping ? true : undefined}>We save every answer as you give it.</span>
    </OneOfTwo>
  )
}
