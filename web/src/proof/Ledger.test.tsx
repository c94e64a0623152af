import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Filter } from './choice'
import { finding, place, rowActions } from './fixtures'
import { Ledger } from './Ledger'
import type { Reading } from './useProof'

afterEach(cleanup)

function show(
  readings: Reading[],
  chosen: string | null,
  more: { filter?: Filter; letting?: string; lit?: string } = {},
) {
  const actions = { ...rowActions(), onPutStationRight: vi.fn() }
  const station = { id: 'sheet', state: 'open', open: readings.length, readings }
  const putRight = [
    { rule: 'sheet.margins', text: 'Right margin: 1.25 in, now 1 in' },
    { rule: 'type.face', text: 'Face: Cambria, now Times New Roman' },
  ]
  render(
    <Ledger station={station} filter="all" putRight={putRight} reading={chosen} {...actions} {...more} />,
  )
  return actions
}

const left = finding('sheet.margins', 'left')

describe('the ledger', () => {
  it('says what is, what is asked and by how much it is off', () => {
    show([left], null)
    expect(screen.getByRole('listitem').textContent).toMatch(/Left margin.*1\.25 in.*1 in.*\+0\.25/)
  })

  it('says at how many places, where there are several', () => {
    const at = place({ page: 1, paragraph: 5, quote: '' })
    show([{ ...left, places: [at, at, at] }, finding('sheet.size', 'sheet')], null)
    const rows = screen.getAllByRole('listitem')
    expect(rows[0]?.textContent).toContain('3 × places')
    expect(rows[1]?.textContent).not.toContain('places')
  })

  it('offers to put right only what can be', () => {
    const actions = show([left], left.key)
    fireEvent.click(screen.getByText('Put right'))
    expect(actions.onPutRight).toHaveBeenCalledWith(left)
    cleanup()
    const own = finding('type.emphasis', 'underline', { fix: 'ask', mendable: false })
    show([own], own.key)
    expect(screen.queryByText('Put right')).toBeNull()
    expect(screen.getByText('Show the place')).toBeTruthy()
  })

  it('shows the open readings before those that are met', () => {
    show([finding('sheet.size', 'sheet', { name: 'Sheet', off: false }), left], null)
    const rows = screen.getAllByRole('listitem')
    expect(rows[0]?.textContent).toContain('Left margin')
    expect(rows[1]?.textContent).toContain('met')
  })

  it('lights the reading that is pointed at or has the focus', () => {
    const actions = show([left], null)
    fireEvent.mouseEnter(screen.getByRole('button', { name: /Left margin/ }))
    fireEvent.focus(screen.getByRole('button', { name: /Left margin/ }))
    expect(actions.onLit.mock.calls).toEqual([[left.key], [left.key]])
    cleanup()
    show([left], null, { lit: left.key })
    expect(screen.getByRole('listitem').hasAttribute('data-lit')).toBe(true)
  })

  it('lets a reading stand only for a reason', () => {
    const actions = show([left], left.key, { letting: left.key })
    const button = screen.getByRole<HTMLButtonElement>('button', { name: 'Let it stand' })
    fireEvent.change(screen.getByLabelText('Why it stands'), { target: { value: '  ' } })
    expect(button.disabled).toBe(true)
    fireEvent.change(screen.getByLabelText('Why it stands'), { target: { value: ' as in the sample ' } })
    fireEvent.click(button)
    expect(actions.onStet).toHaveBeenCalledWith(left, 'as in the sample')
  })

  it('shows why a reading stands, and lifts that', () => {
    const standing = { ...left, stet: 'as in the sample', mendable: false }
    const actions = show([standing], standing.key)
    expect(screen.getByRole('listitem').textContent).toContain('stet: “as in the sample”')
    expect(screen.queryByText('Stet')).toBeNull()
    fireEvent.click(screen.getByText('Lift stet'))
    expect(actions.onLift).toHaveBeenCalledWith(standing)
  })

  it('lists what was put right at its station', () => {
    show([left], null, { filter: 'put right' })
    expect(screen.getAllByRole('listitem').map((each) => each.textContent)).toEqual([
      'Right margin: 1.25 in, now 1 in',
    ])
  })
})
