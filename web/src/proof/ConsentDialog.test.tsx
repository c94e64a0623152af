import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ConsentDialog } from './ConsentDialog'
import { finding, modalDialogs, place } from './fixtures'

beforeEach(modalDialogs)
afterEach(cleanup)

const words = finding('running-head.text', 'words', {
  name: 'Words in the header',
  fix: 'apparatus',
  changes: [{ where: 'Header', before: '', after: 'Solvane #' }],
})

function show(looksToo: boolean) {
  const actions = { onConfirm: vi.fn(), onLooksOnly: vi.fn(), onClose: vi.fn() }
  render(<ConsentDialog readings={[words]} place={undefined} looksToo={looksToo} {...actions} />)
  return actions
}

describe('the list of words that would change', () => {
  it('shows each before and after, also where there was nothing', () => {
    show(true)
    const row = screen.getByRole('row', { name: /Words in the header/ })
    expect(row.textContent).toBe('Words in the headerHeadernothingSolvane #')
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
    render(<ConsentDialog readings={[underlined]} place={at} looksToo={false} {...actions} />)
    expect(screen.getByText(/Page 3/).textContent).toBe('Page 3: “The Weir Ledger”')
    fireEvent.click(screen.getByText('Put right here'))
    expect(actions.onConfirm).toHaveBeenCalledOnce()
  })

  it('offers looks alone only where there are any', () => {
    show(false)
    expect(screen.queryByText('Looks only')).toBeNull()
  })
})
