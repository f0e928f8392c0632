/** What a handler of a computation answers to a body, as a script would get it. */
export async function ask(handler: (request: Request) => Promise<Response>, body: unknown) {
  const response = await handler(
    new Request('http://localhost/', {
      method: 'POST',
      body: typeof body === 'string' ? body : JSON.stringify(body),
    }),
  )
  return { status: response.status, body: await response.json() }
}
