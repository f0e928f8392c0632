export interface Option {
  id: string
  label: string
}

/** What a field that completes is given. */
export interface ComboProps {
  label: string
  hint?: string
  error?: string
  options: readonly Option[]
  chosen: string | null
  onChoose: (id: string) => void
}

/** Options that hold what was typed, those that begin with it first. */
export function completeOptions(options: readonly Option[], typed: string): readonly Option[] {
  const sought = typed.trim().toLowerCase()
  const place = ({ label }: Option) => label.toLowerCase().indexOf(sought)
  return options
    .filter((option) => place(option) >= 0)
    .toSorted((a, b) => Number(place(a) > 0) - Number(place(b) > 0))
}
