import createClient, { type Middleware } from 'openapi-fetch'
import type { components, paths } from './schema'

export type Schemas = components['schemas']

/** Something the server could not do, in words for the person who asked. */
export class ApiProblem extends Error {
  constructor(
    readonly status: number,
    message: string,
    /** What kind of problem it is (RFC 9457), where that is more than its status. */
    readonly type = 'about:blank',
  ) {
    super(message)
  }
}

/** Whether something was not done because the paper was changed in another window before. */
export function wasChangedElsewhere(problem: unknown): boolean {
  return problem instanceof ApiProblem && problem.type === 'urn:grintel:changed-elsewhere'
}

function cookie(name: string): string {
  const found = document.cookie.split('; ').find((each) => each.startsWith(`${name}=`))
  return found ? decodeURIComponent(found.slice(name.length + 1)) : ''
}

/** The token that a change sends back; its cookie is called otherwise behind HTTPS. */
function token(): string {
  return cookie('__Host-grintel-token') || cookie('grintel-token')
}

/** Told when an answer shows that nobody is signed in any more. */
export const signedOut = new EventTarget()

/** Addresses at which being refused is no sign of that. */
const DOORS = ['/api/session', '/api/accounts', '/api/password-reset']

function watchDoor(status: number, address: string) {
  const { pathname } = new URL(address, window.location.origin)
  // Without a session there is no token either, and then it is the token that is missed.
  if ((status === 401 || status === 403) && !DOORS.some((door) => pathname.startsWith(door))) {
    signedOut.dispatchEvent(new Event('signed-out'))
  }
}

/** What an answer that is a refusal says. */
export async function answerProblem(response: Response): Promise<ApiProblem> {
  if (response.url) {
    watchDoor(response.status, response.url)
  }
  let message =
    response.status === 401 ? 'You are signed out. Sign in again.' : 'The server did not answer as expected.'
  let type = 'about:blank'
  try {
    const body = (await response.clone().json()) as { detail?: string; type?: string }
    message = body.detail ?? message
    type = body.type ?? type
  } catch {
    // No problem details came along; the message above stands.
  }
  return new ApiProblem(response.status, message, type)
}

/** Sends the token that proves the request comes from this page, and turns refusals into problems. */
const middleware: Middleware = {
  onRequest({ request }) {
    if (request.method !== 'GET') {
      request.headers.set('X-XSRF-TOKEN', token())
    }
    return request
  },
  async onResponse({ response }) {
    if (!response.ok) {
      throw await answerProblem(response)
    }
    return response
  },
  onError() {
    return new ApiProblem(0, 'The server cannot be reached. Nothing was lost; try again in a moment.')
  },
}

export const api = createClient<paths>({
  baseUrl: window.location.origin,
  fetch: (request) => globalThis.fetch(request),
})
api.use(middleware)

/** The body of an answer that always has one. */
export function body<T>(answer: { data?: T }): T {
  if (answer.data === undefined) {
    throw new ApiProblem(0, 'The server did not answer as expected.')
  }
  return answer.data
}

/** A body of JSON as long as a file may be; the size of others is bounded more narrowly. */
export const long = (data: unknown) => ({
  body: JSON.stringify(data),
  bodySerializer: (text: string) => text,
  headers: { 'Content-Type': 'application/octet-stream' },
})

/** How sending a file is watched and stopped. */
export interface Sending {
  /** Told how much of the file is sent, from 0 to 1. */
  onSent?: (part: number) => void
  signal?: AbortSignal
}

/**
 * Sends a file, and what is said of it. A request of the older kind, since the newer one does not tell how far it has
 * come.
 */
export function sendFile<T>(
  path: string,
  file: File,
  said: Record<string, string>,
  { onSent, signal }: Sending = {},
): Promise<T> {
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest()
    request.open('POST', `${path}?${new URLSearchParams(said).toString()}`)
    request.setRequestHeader('Content-Type', 'application/octet-stream')
    request.setRequestHeader('X-XSRF-TOKEN', token())
    request.upload.onprogress = ({ loaded, total }) => onSent?.(total > 0 ? loaded / total : 0)
    request.onload = () => {
      const response = new Response(request.responseText, { status: request.status })
      if (response.ok) {
        resolve(JSON.parse(request.responseText) as T)
      } else {
        watchDoor(request.status, path)
        void answerProblem(response).then(reject)
      }
    }
    request.onerror = () =>
      reject(new ApiProblem(0, 'The file could not be sent. Nothing was lost; try again in a moment.'))
    request.onabort = () => reject(new ApiProblem(0, 'The sending was stopped. Nothing was kept.'))
    signal?.addEventListener('abort', () => request.abort())
    request.send(file)
  })
}
