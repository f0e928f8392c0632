/** An address's question as the framework hands it over, as parameters again. */
export function paramsFrom(asked: Record<string, string | string[] | undefined>): URLSearchParams {
  const params = new URLSearchParams()
  for (const [name, said] of Object.entries(asked)) {
    for (const value of Array.isArray(said) ? said : [said ?? '']) if (value) params.append(name, value)
  }
  return params
}
