/** Whether all that was answered lies in the notebook. */
export function KeptMark({ isKeeping }: { isKeeping: boolean }) {
  return (
    <span data-kept={isKeeping ? 'no' : 'yes'}>
      {isKeeping ? 'Keeping it…' : 'Every answer is kept as you give it.'}
    </span>
  )
}
