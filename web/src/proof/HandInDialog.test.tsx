import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { modalDialogs } from './fixtures'
import { HandInDialog } from './HandInDialog'
import type { Layout } from './useProof'

beforeEach(modalDialogs)
afterEach(cleanup)

const layout: Layout = {
  pages: [],
  faces: [
    { asked: 'Times New Roman', set: 'Liberation Serif', exact: true },
    { asked: 'Garamond', set: 'Liberation Serif', exact: false },
    { asked: 'DejaVu Sans', set: 'DejaVu Sans', exact: true },
  ],
  remarks: [],
  oddities: [],
}

function show(more: Partial<Parameters<typeof HandInDialog>[0]> = {}) {
  const actions = { onHandIn: vi.fn(), onClose: vi.fn() }
  render(
    <HandInDialog layout={layout} open={0} busy={false} problem={null} done={null} {...actions} {...more} />,
  )
  return actions
}

describe('handing in', () => {
  it('gives the file itself unless the PDF is chosen', () => {
    const actions = show()
    fireEvent.click(screen.getByText('Make the file and download it'))
    fireEvent.click(screen.getByLabelText(/PDF/))
    fireEvent.click(screen.getByText('Make the file and download it'))
    expect(actions.onHandIn.mock.calls).toEqual([['docx'], ['pdf']])
  })

  it('names the faces that the PDF holds in place of those asked for, and only those', () => {
    show()
    expect(screen.queryByRole('table')).toBeNull()
    fireEvent.click(screen.getByLabelText(/PDF/))
    const rows = screen.getAllByRole('row').map((row) => [...row.children].map((cell) => cell.textContent))
    expect(rows.slice(1)).toEqual([
      ['Times New Roman', 'Liberation Serif', 'the same'],
      ['Garamond', 'Liberation Serif', 'near'],
    ])
  })

  it('says what is still open, and lets it be', () => {
    show({ open: 3 })
    expect(screen.getByText(/3 readings are still open/)).toBeTruthy()
    cleanup()
    show({ open: 1 })
    expect(screen.getByText(/One reading is still open/)).toBeTruthy()
    cleanup()
    show()
    expect(screen.queryByText(/still open/)).toBeNull()
  })

  it('says what was made, with name and size', () => {
    show({ done: { name: 'lamps.docx', bytes: 24_576 } })
    expect(screen.getByRole('status').textContent).toContain('lamps.docx, 24 kB')
  })

  it('says what went wrong, and waits while the file is made', () => {
    show({ problem: new Error('The proof could not be written.'), busy: true })
    expect(screen.getByRole('alert').textContent).toBe('The proof could not be written.')
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Making the file…' }).disabled).toBe(true)
  })
})
