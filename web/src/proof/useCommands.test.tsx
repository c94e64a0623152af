import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, renderHook, waitFor } from '@testing-library/react'
import type { ReactNode } from 'react'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { finding, paperOf, place, station } from './fixtures'
import { useCommands } from './useCommands'
import type { Change, Station } from './useProof'

const paper = paperOf({ step: 1, undo: 'Put right: Left margin' })
const left = finding('sheet.margins', 'left')
const words = finding('running-head.text', 'words', { fix: 'apparatus' })
const stations: Station[] = [station('sheet', [left]), station('running-head', [words])]
const margin = {
  rule: 'sheet.margins',
  text: 'Left margin: 1.25 in → 1 in',
  metric: 'Left margin: 3.18 cm → 2.54 cm',
}
const change: Change = { where: 'Header', before: '', after: 'Solvane #', moved: false }

interface Sent {
  path: string
  body: unknown
}

let sent: Sent[]
let answer: (path: string) => unknown

/** A server that notes what it is sent. */
beforeEach(() => {
  sent = []
  answer = (path) => ({
    id: 'w',
    finished: true,
    stage: '',
    ahead: 0,
    ...(path.endsWith('words') ? { words: [change] } : { done: [margin], changed: ['1 section'] }),
  })
  vi.stubGlobal('fetch', async (request: Request) => {
    const path = new URL(request.url).pathname
    if (path.endsWith('/layout')) {
      return Response.json({ state: 'next', pageCount: 0, pages: [], faces: [], remarks: [], oddities: [] })
    }
    sent.push({ path, body: request.method === 'GET' ? null : await request.text() })
    const body = answer(path)
    return body instanceof Response ? body : Response.json(body)
  })
})

function commands() {
  const said: string[] = []
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } })
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  )
  client.setQueryData(['paper', paper.id], paper)
  const refetched = () => client.getQueryState(['paper', paper.id])?.isInvalidated
  const { result } = renderHook(() => useCommands(paper, stations, (each) => said.push(each)), { wrapper })
  return { result, said, refetched }
}

const wishes = () => sent.map((each) => JSON.parse(String(each.body)) as unknown)

describe('putting right', () => {
  it('asks nothing where only looks change, and says what was done', async () => {
    const { result, said } = commands()
    act(() => result.current.putReadingRight(left, 0))
    await waitFor(() => expect(result.current.outcome).toEqual({ done: [margin], changed: ['1 section'] }))
    expect(sent[0]?.path).toBe('/api/papers/0c5d/put-right')
    expect(wishes()[0]).toEqual({ revision: 4, reading: left.key, wordsConfirmed: false })
    expect(said).toContain('Put right: Left margin: 1.25 in → 1 in')
  })

  it('shows the words first, and changes them only with consent', async () => {
    const { result } = commands()
    act(() => result.current.putAllRight())
    await waitFor(() => expect(result.current.consent).toMatchObject({ words: [change], looksToo: true }))
    expect(sent.map(({ path }) => path)).toEqual(['/api/papers/0c5d/put-right/words'])
    act(() => result.current.confirm())
    await waitFor(() => expect(result.current.outcome).not.toBeNull())
    expect(wishes()[1]).toEqual({ revision: 4, wordsConfirmed: true })
  })

  it('takes looks alone, or nothing at all', async () => {
    const { result } = commands()
    act(() => result.current.putStationRight(stations[1] as Station))
    await waitFor(() => expect(result.current.consent).not.toBeNull())
    act(() => result.current.leave())
    expect(result.current.consent).toBeNull()
    expect(sent).toHaveLength(1)
    act(() => result.current.putAllRight())
    await waitFor(() => expect(result.current.consent).not.toBeNull())
    act(() => result.current.looksOnly())
    await waitFor(() => expect(result.current.outcome).not.toBeNull())
    expect(wishes()[2]).toEqual({ revision: 4, wordsConfirmed: false })
  })

  it('puts one place right by itself, and asks first where only the writer can say', async () => {
    const { result } = commands()
    act(() => result.current.putPlaceRight(left, 0))
    await waitFor(() => expect(result.current.outcome).not.toBeNull())
    expect(wishes()[0]).toEqual({ revision: 4, reading: left.key, places: ['a'], wordsConfirmed: false })
    const emphasis = finding('type.emphasis', 'bold', { fix: 'ask', places: [place({ fix: 'ask' })] })
    act(() => result.current.putReadingRight(emphasis, 0))
    await waitFor(() => expect(result.current.consent).toMatchObject({ one: { reading: emphasis } }))
    act(() => result.current.confirm())
    await waitFor(() => expect(result.current.outcome).not.toBeNull())
    expect(wishes()[2]).toEqual({ revision: 4, reading: emphasis.key, places: ['a'], wordsConfirmed: true })
  })

  it('sends one request for a button that is pressed twice at once', async () => {
    const { result } = commands()
    act(() => {
      result.current.putReadingRight(left, 0)
      result.current.putReadingRight(left, 0)
    })
    await waitFor(() => expect(result.current.outcome).not.toBeNull())
    expect(sent).toHaveLength(1)
    act(() => result.current.undo())
    await waitFor(() => expect(sent).toHaveLength(2))
  })

  it('says when nothing was to be done', async () => {
    answer = () => ({ id: 'w', finished: true, stage: '', done: [], changed: [] })
    const { result, said } = commands()
    act(() => result.current.putReadingRight(left, 0))
    await waitFor(() => expect(said).toContain('There was nothing to put right'))
  })
})

describe('the other commands', () => {
  it('let stand with the reason, and lift', async () => {
    const { result, said } = commands()
    act(() => result.current.stet(left, 'as in the sample'))
    await waitFor(() => expect(said).toContain('Left margin stands: as in the sample'))
    expect(wishes()[0]).toEqual({ revision: 4, reading: left.key, reason: 'as in the sample' })
    act(() => result.current.lift(left))
    await waitFor(() => expect(said).toContain('Left margin is open again'))
    expect(sent.map((each) => each.path)).toEqual(['/api/papers/0c5d/stet', '/api/papers/0c5d/stet/lift'])
  })

  it('undo what there is to undo, and send nothing where there is none', async () => {
    const { result, said } = commands()
    act(() => result.current.redo())
    expect(sent).toEqual([])
    act(() => result.current.undo())
    await waitFor(() => expect(said).toContain('Taken back: Put right: Left margin'))
  })

  it('fetch the paper again when another window was quicker', async () => {
    answer = () =>
      Response.json(
        { detail: 'The paper was changed in another window.', type: 'urn:grintel:changed-elsewhere' },
        { status: 409 },
      )
    const { result, refetched } = commands()
    act(() => result.current.undo())
    await waitFor(() =>
      expect(result.current.problem?.message).toBe('The paper was changed in another window.'),
    )
    await waitFor(() => expect(refetched()).toBe(true))
  })

  it('keep the words of a refusal until the next command', async () => {
    answer = (path) =>
      path.endsWith('stet') ? Response.json({ detail: 'There is no such reading.' }, { status: 404 }) : paper
    const { result } = commands()
    act(() => result.current.stet(left, 'x'))
    await waitFor(() => expect(result.current.problem?.message).toBe('There is no such reading.'))
    act(() => result.current.undo())
    await waitFor(() => expect(result.current.problem).toBeNull())
  })
})
