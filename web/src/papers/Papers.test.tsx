import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { modalDialogs } from '../proof/fixtures'
import { summaryOf } from './fixtures'
import { Papers } from './Papers'

let sent: string[]
let remove: () => Response

beforeEach(() => {
  sent = []
  remove = () => new Response(null, { status: 204 })
  modalDialogs()
  vi.stubGlobal('fetch', (request: Request) => {
    const url = new URL(request.url)
    sent.push(`${request.method} ${url.pathname}${url.search}`)
    return Promise.resolve(
      request.method === 'DELETE'
        ? remove()
        : url.pathname === '/api/patterns'
          ? Response.json([])
          : Response.json({ papers: [summaryOf()], bytes: 40_960, mostBytes: 1_073_741_824 }),
    )
  })
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <MemoryRouter>
        <Papers />
      </MemoryRouter>
    </QueryClientProvider>,
  )
})

afterEach(cleanup)

it('the list says how much room is taken', async () => {
  await screen.findByRole('link', { name: 'Lamps on the Low Canal' })
  expect(screen.getByText(/take up 40 kB of 1 GB/)).toBeTruthy()
})

it('deleting names the state that was looked at, and can be taken back', async () => {
  fireEvent.click(await screen.findByText('Delete', { selector: 'li button' }))
  await waitFor(() => expect(sent).toContain('DELETE /api/papers/0c5d?revision=3'))
  const back = await screen.findByText('Take it back')
  expect(document.activeElement).toBe(back)
  fireEvent.click(back)
  await waitFor(() => expect(sent).toContain('POST /api/papers/0c5d/taking-back'))
  await waitFor(() => expect(screen.queryByText('Take it back')).toBeNull())
})

it('a paper that was changed meanwhile is not deleted, and the list is fetched anew', async () => {
  remove = () =>
    Response.json(
      { detail: 'The paper was changed in another window.', type: 'urn:grintel:changed-elsewhere' },
      { status: 409 },
    )
  fireEvent.click(await screen.findByText('Delete', { selector: 'li button' }))
  expect(await screen.findByText('The paper was changed in another window.')).toBeTruthy()
  await waitFor(() => expect(sent.filter((each) => each === 'GET /api/papers')).toHaveLength(2))
})

it('a paper is renamed in the list', async () => {
  fireEvent.click(await screen.findByText('Rename', { selector: 'li button' }))
  fireEvent.change(screen.getByLabelText(/Name in your list/), { target: { value: 'Lamps, second try' } })
  fireEvent.click(screen.getByText('Rename', { selector: 'dialog button' }))
  await waitFor(() => expect(sent).toContain('PUT /api/papers/0c5d/title'))
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull())
})

it('says when no paper holds the words looked for', async () => {
  fireEvent.change(await screen.findByPlaceholderText('Find a paper'), { target: { value: 'heron' } })
  expect(screen.getByText('No paper holds these words.')).toBeTruthy()
})
