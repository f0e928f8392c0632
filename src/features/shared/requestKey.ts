/** Which request of a page this is: the same where it is sent again. */
export const REQUEST_KEY = 'x-request-key'
