import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ConsentDialog } from './ConsentDialog'
import { finding, modalDialogs, place } from './fixtures'
import type { Change } from './useProof'

beforeEach(modalDialogs)
afterEach(cleanup)

const words: Change[] = [
  { where: 'Header', before: '', after: 'Solvane #', moved: false },
  { where: 'Text', page: 2, before: 'Works cited', after: 'Works Cited', moved: false },
  { where: 'Text', page: 7, before: 'Aldren, Per.', after: 'Aldren, Per.', moved: true },
]

function show(looksToo: boolean) {
  const actions = { onConfirm: vi.fn(), onLooksOnly: vi.fn(), onClose: vi.fn() }
  render(<ConsentDialog words={words} one={undefined} looksToo={looksToo} {...actions} />)
  return actions
}

describe('the list of words that would change', () => {
  it('counts the places, and shows each with what stands there now and then', () => {
    show(true)
    expect(screen.getByText('Words would change at 3 places')).toBeTruthy()
    const rows = screen.getAllByRole('row').map((row) => [...row.children].map((cell) => cell.textContent))
    expect(rows.slice(1)).toEqual([
      ['Header', 'nothing', 'Solvane #'],
      ['Textpage 2', 'Works cited', 'Works Cited'],
      ['Textpage 7', 'Aldren, Per.', 'the same words, at another place'],
    ])
  })

  it('asks, and takes no for an answer', () => {
    const actions = show(true)
    fireEvent.click(screen.getByText('Leave it'))
    expect(actions.onClose).toHaveBeenCalledOnce()
    fireEvent.click(screen.getByText('Looks only'))
    expect(actions.onLooksOnly).toHaveBeenCalledOnce()
    fireEvent.click(screen.getByText('Put right, with these words'))
    expect(actions.onConfirm).toHaveBeenCalledOnce()
  })

  it('asks about one place where only the writer can judge and no word changes', () => {
    const actions = { onConfirm: vi.fn(), onLooksOnly: vi.fn(), onClose: vi.fn() }
    const underlined = finding('type.emphasis', 'underline', { fix: 'ask', message: 'Text is underlined.' })
    const at = place({ page: 3, quote: 'The Weir Ledger' })
    render(
      <ConsentDialog words={[]} one={{ reading: underlined, place: at }} looksToo={false} {...actions} />,
    )
    expect(screen.getByText(/Page 3/).textContent).toBe('Page 3: “The Weir Ledger”')
    fireEvent.click(screen.getByText('Put right here'))
    expect(actions.onConfirm).toHaveBeenCalledOnce()
  })

  it('offers looks alone only where there are any', () => {
    show(false)
    expect(screen.queryByText('Looks only')).toBeNull()
  })
})
