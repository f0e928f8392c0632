/** Where there is no room for two columns: a phone, or a desk at 200 %. */
export const SMALL_QUERY = '(max-width: 44rem)'
export const SMALL = `@media ${SMALL_QUERY}`
