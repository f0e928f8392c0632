/**
 * An amount in a currency as the person writes it, with two places: a sign stands close to it (“£4.50”), a word apart
 * (“EUR 4.50”); the amount alone where none is said.
 */
export function moneyText(amount: number, currency: string): string {
  const isWord = /\p{Letter}$/u.test(currency)
  return `${currency}${isWord ? ' ' : ''}${amount.toFixed(2)}`
}
