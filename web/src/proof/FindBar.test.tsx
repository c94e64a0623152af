import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { FindBar } from './FindBar'

afterEach(cleanup)

function show(words: string, count: number) {
  const actions = { onWords: vi.fn(), onMove: vi.fn(), onClose: vi.fn() }
  render(<FindBar words={words} count={count} current={1} {...actions} />)
  return actions
}

describe('finding', () => {
  it('starts in its field and tells each change of it', () => {
    const actions = show('', 0)
    const field = screen.getByLabelText('Find')
    expect(document.activeElement).toBe(field)
    fireEvent.change(field, { target: { value: 'fog' } })
    expect(actions.onWords).toHaveBeenCalledWith('fog')
  })

  it('goes on with Enter, back with Shift and Enter, and ends with Escape', () => {
    const actions = show('fog', 3)
    expect(screen.getByRole('status').textContent).toBe('2 of 3')
    const field = screen.getByLabelText('Find')
    fireEvent.submit(screen.getByRole('search'))
    fireEvent.keyDown(field, { key: 'Enter', shiftKey: true })
    fireEvent.keyDown(field, { key: 'Escape' })
    expect(actions.onMove.mock.calls).toEqual([[1], [-1]])
    expect(actions.onClose).toHaveBeenCalledOnce()
  })

  it('says where there is nothing, and nothing before there is anything to look for', () => {
    show('fogg', 0)
    expect(screen.getByRole('status').textContent).toBe('nowhere')
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Next' }).disabled).toBe(true)
    cleanup()
    show('f', 0)
    expect(screen.getByRole('status').textContent).toBe('')
  })
})
