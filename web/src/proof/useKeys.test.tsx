import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { useKeys } from './useKeys'

afterEach(cleanup)

function Keys({ on, next, help }: { on: boolean; next: () => void; help: () => void }) {
  useKeys({ j: next, '?': help }, on)
  return <input aria-label="field" />
}

describe('keys', () => {
  it('act anywhere but in a field, in either case, and not with a modifier', () => {
    const next = vi.fn()
    render(<Keys on next={next} help={vi.fn()} />)
    fireEvent.keyDown(document.body, { key: 'j' })
    fireEvent.keyDown(document.body, { key: 'J' })
    fireEvent.keyDown(document.body, { key: 'j', ctrlKey: true })
    fireEvent.keyDown(screen.getByLabelText('field'), { key: 'j' })
    expect(next).toHaveBeenCalledTimes(2)
  })

  it('undo and redo by the keys that every program has for them', () => {
    const [undo, redo] = [vi.fn(), vi.fn()]
    const Both = () => {
      useKeys({}, false, { undo, redo })
      return <input aria-label="field" />
    }
    render(<Both />)
    fireEvent.keyDown(document.body, { key: 'z', ctrlKey: true })
    fireEvent.keyDown(document.body, { key: 'Z', metaKey: true, shiftKey: true })
    fireEvent.keyDown(screen.getByLabelText('field'), { key: 'z', ctrlKey: true })
    expect([undo.mock.calls.length, redo.mock.calls.length]).toEqual([1, 1])
  })

  it('can be switched off, all but the one that tells about them', () => {
    const next = vi.fn()
    const help = vi.fn()
    render(<Keys on={false} next={next} help={help} />)
    fireEvent.keyDown(document.body, { key: 'j' })
    fireEvent.keyDown(document.body, { key: '?' })
    expect(next).not.toHaveBeenCalled()
    expect(help).toHaveBeenCalledOnce()
  })
})
