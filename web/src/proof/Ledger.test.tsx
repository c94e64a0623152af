import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { finding } from './fixtures'
import { Ledger } from './Ledger'
import type { Reading } from './useProof'

afterEach(cleanup)

function show(readings: Reading[], chosen: string | null) {
  const actions = {
    onReading: vi.fn(),
    onPutRight: vi.fn(),
    onNextPlace: vi.fn(),
    onPutStationRight: vi.fn(),
  }
  const station = { id: 'sheet', state: 'open', open: readings.length, readings }
  render(<Ledger station={station} reading={chosen} units="inches" busy={false} {...actions} />)
  return actions
}

describe('the ledger', () => {
  it('says what is, what is asked and by how much it is off', () => {
    show([finding('sheet.margins', 'left')], null)
    expect(screen.getByRole('listitem').textContent).toMatch(/Left margin.*1\.25 in.*1 in.*\+0\.25/)
  })

  it('offers to put right only what can be', () => {
    const mendable = finding('sheet.margins', 'left')
    const actions = show([mendable], mendable.key)
    fireEvent.click(screen.getByText('Put right'))
    expect(actions.onPutRight).toHaveBeenCalledWith(mendable)
    cleanup()
    const own = finding('type.emphasis', 'underline', { fix: 'ask', mendable: false })
    show([own], own.key)
    expect(screen.queryByText('Put right')).toBeNull()
    expect(screen.getByText('Show the place')).toBeTruthy()
  })

  it('shows the open readings before those that are met', () => {
    show(
      [finding('sheet.size', 'sheet', { name: 'Sheet', off: false }), finding('sheet.margins', 'left')],
      null,
    )
    const rows = screen.getAllByRole('listitem')
    expect(rows[0]?.textContent).toContain('Left margin')
    expect(rows[1]?.textContent).toContain('met')
  })
})
