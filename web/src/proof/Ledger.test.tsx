import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Filter } from './sections'
import { finding, place, rowActions, station } from './fixtures'
import { Ledger } from './Ledger'
import type { Reading } from './useProof'

afterEach(cleanup)

function show(
  readings: Reading[],
  chosen: string | null,
  more: { filter?: Filter; letting?: string; lit?: string } = {},
) {
  const actions = { ...rowActions(), onPutStationRight: vi.fn() }
  const putRight = [
    { rule: 'sheet.margins', text: 'Right margin: 1.25 in, now 1 in' },
    { rule: 'type.face', text: 'Face: Cambria, now Times New Roman' },
  ]
  render(
    <Ledger
      station={station('sheet', readings)}
      filter="all"
      putRight={putRight}
      reading={chosen}
      {...actions}
      {...more}
    />,
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

  it('has the readings of one rule in a row that unfolds', () => {
    const right = finding('sheet.margins', 'right', { name: 'Right margin', offBy: '+0.5 in' })
    const actions = show([left, right, finding('sheet.size', 'sheet', { name: 'Sheet' })], null)
    const row = screen.getByRole('button', { name: /Margins/ })
    expect(row.textContent).toMatch(/2 readings at 2 places\+0\.25 to \+0\.5 in/)
    expect(screen.queryByText('Right margin')).toBeNull()
    fireEvent.click(row)
    expect(actions.onReading).toHaveBeenCalledWith(left.key)
    cleanup()
    show([left, right], right.key)
    expect(screen.getByRole('button', { name: /Margins/ }).getAttribute('aria-expanded')).toBe('true')
    expect(screen.getByText('Left margin')).toBeTruthy()
  })

  it('tells what the desk does from what is asked and what only the writer can settle', () => {
    const asks = finding('type.emphasis', 'bold', { fix: 'ask', name: 'Bold paragraphs' })
    const own = finding('sources.cited', 'entry', { fix: 'none', mendable: false, name: 'Listed sources' })
    show([own, asks, left], null)
    expect(screen.getAllByRole('region').map((each) => each.getAttribute('aria-label'))).toEqual([
      'The desk puts right: 1',
      'Asks for your answer: 1',
      'Only you can settle: 1',
    ])
  })

  it('is one stop for the tabulator, with arrows from row to row', () => {
    const size = finding('sheet.size', 'sheet', { name: 'Sheet', title: 'Sheet' })
    show([left, size], null)
    const rows = [/Left margin/, /Sheet/].map((name) => screen.getByRole('button', { name }))
    expect(rows.map(({ tabIndex }) => tabIndex)).toEqual([0, -1])
    rows[0]?.focus()
    fireEvent.keyDown(rows[0] as Element, { key: 'ArrowDown' })
    expect(document.activeElement).toBe(rows[1])
    expect(rows.map(({ tabIndex }) => tabIndex)).toEqual([-1, 0])
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
