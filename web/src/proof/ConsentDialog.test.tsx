import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ConsentDialog } from './ConsentDialog'
import { finding, modalDialogs } from './fixtures'

beforeEach(modalDialogs)
afterEach(cleanup)

const words = finding('running-head.text', 'words', {
  name: 'Words in the header',
  fix: 'apparatus',
  changes: [{ before: '', after: 'Solvane #' }],
})

function show(looksToo: boolean) {
  const actions = { onConfirm: vi.fn(), onLooksOnly: vi.fn(), onClose: vi.fn() }
  render(<ConsentDialog readings={[words]} looksToo={looksToo} {...actions} />)
  return actions
}

describe('the list of words that would change', () => {
  it('shows each before and after, also where there was nothing', () => {
    show(true)
    const row = screen.getByRole('row', { name: /Words in the header/ })
    expect(row.textContent).toBe('Words in the headernothingSolvane #')
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

  it('offers looks alone only where there are any', () => {
    show(false)
    expect(screen.queryByText('Looks only')).toBeNull()
  })
})
