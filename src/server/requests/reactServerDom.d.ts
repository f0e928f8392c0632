/** React's decoder of what a page sends to an action, as it ships within Next. */
declare module 'next/dist/compiled/react-server-dom-turbopack/server.node' {
  export function decodeReply(body: string | FormData, serverManifest: object): Promise<unknown>
}
