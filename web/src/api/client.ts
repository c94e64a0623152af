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

/** What an answer that is a refusal says. */
export async function answerProblem(response: Response): Promise<ApiProblem> {
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

/** Sends a file, and what is said of it. */
export async function sendFile<T>(path: string, file: File, said: Record<string, string>): Promise<T> {
  let response: Response
  try {
    response = await fetch(`${path}?${new URLSearchParams(said).toString()}`, {
      method: 'POST',
      body: file,
      headers: { 'Content-Type': 'application/octet-stream', 'X-XSRF-TOKEN': token() },
    })
  } catch {
    throw new ApiProblem(0, 'The file could not be sent. Nothing was lost; try again in a moment.')
  }
  if (!response.ok) {
    throw await answerProblem(response)
  }
  return (await response.json()) as T
}
