import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { SignIn } from './SignIn'

afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
})

function show(demoOffered: boolean) {
  const client = new QueryClient({ defaultOptions: { mutations: { retry: false } } })
  render(
    <QueryClientProvider client={client}>
      <SignIn demoOffered={demoOffered} resetOffered={false} />
    </QueryClientProvider>,
  )
}

describe('the first page', () => {
  it('offers the demo desk only where there is one', () => {
    show(false)
    expect(screen.queryByText('Try the demo desk')).toBeNull()
    cleanup()
    show(true)
    expect(screen.getByText('Try the demo desk')).toBeTruthy()
  })

  it('asks for a longer password when an account is made', () => {
    show(false)
    expect(screen.getByLabelText('Password').getAttribute('minlength')).toBeNull()
    fireEvent.click(screen.getByText('Make an account'))
    expect(screen.getByText('At least 10 characters.')).toBeTruthy()
    expect(screen.getByLabelText(/^Password/).getAttribute('minlength')).toBe('10')
  })

  it('shows what is typed where that is wished', () => {
    show(false)
    expect(screen.getByLabelText('Password').getAttribute('type')).toBe('password')
    fireEvent.click(screen.getByRole('button', { name: /Show/ }))
    expect(screen.getByLabelText('Password').getAttribute('type')).toBe('text')
  })

  it('says whom to ask where no mail is sent', () => {
    show(false)
    fireEvent.click(screen.getByText('Forgotten?'))
    expect(screen.getByText(/This desk sends no mail/)).toBeTruthy()
  })

  it('tells in words why a sign-in did not work', async () => {
    const detail = 'Address and password do not belong together. Try again.'
    vi.stubGlobal('fetch', () =>
      Promise.resolve(
        new Response(JSON.stringify({ detail }), {
          status: 401,
          headers: { 'Content-Type': 'application/json' },
        }),
      ),
    )
    show(false)
    fireEvent.change(screen.getByLabelText('E-mail address'), { target: { value: 'm@brackwater.example' } })
    fireEvent.change(screen.getByLabelText('Password'), { target: { value: 'wrong' } })
    fireEvent.click(screen.getByRole('button', { name: 'Sign in' }))
    await waitFor(() => expect(screen.getByRole('alert').textContent).toBe(detail))
  })
})
