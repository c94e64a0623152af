import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { page, paperOf } from '../fixtures'
import { Compare } from './Compare'

const paper = paperOf({
  step: 4,
  proofs: [1, 2].map((number) => ({ number, reason: 'brought', madeAt: '2026-10-09T20:00:00Z' })),
})

let asked: string[]
let fail: boolean

beforeEach(() => {
  asked = []
  fail = false
  vi.stubGlobal(
    'ResizeObserver',
    class {
      observe() {}
      disconnect() {}
      unobserve() {}
    },
  )
  vi.stubGlobal('fetch', (request: Request) => {
    asked.push(new URL(request.url).search)
    return Promise.resolve(
      fail
        ? Response.json({ detail: 'There is no such proof.' }, { status: 404 })
        : Response.json({ pages: [page([])], faces: [], remarks: [], oddities: [] }),
    )
  })
})
afterEach(cleanup)

function show() {
  const onClose = vi.fn()
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } })
  render(
    <QueryClientProvider client={client}>
      <Compare paper={paper} onClose={onClose} />
    </QueryClientProvider>,
  )
  return onClose
}

describe('before and after', () => {
  it('starts with the first proof and the paper as it stands, side by side', async () => {
    show()
    expect(screen.getByRole('status').textContent).toBe('Laying out both proofs…')
    await waitFor(() => expect(screen.getByRole('region', { name: 'Before' })).toBeTruthy())
    expect(screen.getByRole('region', { name: 'After' })).toBeTruthy()
    expect(asked.sort()).toEqual(['?from=1&most=50', '?from=1&most=50&proof=1'])
  })

  it('takes any two proofs', async () => {
    show()
    const options = [...screen.getByLabelText<HTMLSelectElement>('After').options].map((each) => each.text)
    expect(options).toEqual(['First proof', 'Second proof', 'As it stands'])
    fireEvent.change(screen.getByLabelText('After'), { target: { value: '2' } })
    await waitFor(() => expect(asked).toContain('?from=1&most=50&proof=2'))
  })

  it('lays one over the other, more of the one or of the other', async () => {
    show()
    fireEvent.click(screen.getByLabelText('one over the other'))
    await waitFor(() =>
      expect(screen.getByRole('region', { name: 'Pages laid over each other' })).toBeTruthy(),
    )
    const slider = screen.getByLabelText<HTMLInputElement>('How much of the page shows the proof before')
    expect(slider.value).toBe('50')
    fireEvent.change(slider, { target: { value: '80' } })
    expect(slider.value).toBe('80')
  })

  it('goes back with Escape or its command', () => {
    const onClose = show()
    fireEvent.keyDown(window, { key: 'Escape' })
    fireEvent.click(screen.getByText('Back to the marks'))
    expect(onClose).toHaveBeenCalledTimes(2)
  })

  it('says why a proof cannot be shown', async () => {
    fail = true
    show()
    await waitFor(() => expect(screen.getByRole('alert').textContent).toBe('There is no such proof.'))
  })
})
