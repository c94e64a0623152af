import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Filter } from './sections'
import { finding, rowActions, station } from './fixtures'
import { OrderOfWork } from './OrderOfWork'
import type { Station } from './useProof'

afterEach(cleanup)

const met = station('type', [finding('type.face', 'face', { name: 'Face', off: false })])
const stations: Station[] = [
  station('sheet', [
    finding('sheet.margins', 'left'),
    finding('sheet.size', 'sheet', { name: 'Sheet size', stet: 'printed at home' }),
  ]),
  met,
  station('notes', [], { state: 'absent' }),
]

function show(chosen: string, filter: Filter = 'all', of = stations) {
  const actions = {
    ...rowActions(),
    onStation: vi.fn(),
    onFilter: vi.fn(),
    onPutStationRight: vi.fn(),
  }
  render(
    <OrderOfWork
      stations={of}
      chosen={chosen}
      filter={filter}
      putRight={[{ rule: 'type.size', text: 'Size: 11 pt, now 12 pt' }]}
      reading={null}
      next={null}
      {...actions}
    />,
  )
  return actions
}

const states = () =>
  [/Sheet/, /Type/, /Notes/].map((name) => screen.getAllByRole('button', { name })[0]?.textContent)

describe('the order of work', () => {
  it('tells the state of each station in words, not by colour alone', () => {
    show('type')
    expect(states()).toEqual(['Sheet1 open', 'Typemet', 'Notesnothing there'])
  })

  it('unfolds only the chosen station, in its place', () => {
    show('type')
    expect(screen.getByRole('button', { name: /Type/ }).getAttribute('aria-expanded')).toBe('true')
    expect(screen.getByText('Face')).toBeTruthy()
    expect(screen.queryByText('Left margin')).toBeNull()
  })

  it('says why a station has nothing to read', () => {
    show('notes')
    expect(screen.getByText('The paper holds nothing that is measured here.')).toBeTruthy()
    cleanup()
    show('tables', 'all', [station('tables', [], { state: 'unmeasured', notBuilt: 8 })])
    expect(screen.getByText(/Grintel does not measure this station yet/)).toBeTruthy()
    cleanup()
    show('tables', 'all', [
      station('tables', [finding('tables.width', 'width', { name: 'Width', off: false })], {
        state: 'partly',
        notBuilt: 8,
      }),
    ])
    expect(screen.getByText('met in part')).toBeTruthy()
    expect(screen.getByText(/8 more things are asked here/)).toBeTruthy()
    cleanup()
    show('opening', 'all', [station('opening', [], { state: 'unmeasured', silent: ['Form of the date'] })])
    expect(screen.getByText(/Not measured: Form of the date/)).toBeTruthy()
    cleanup()
    show('notes', 'all', [station('notes', [], { state: 'unasked' })])
    expect(screen.getByText('The guide asks for nothing here.')).toBeTruthy()
  })

  it('puts a whole station right, and goes to another', () => {
    const actions = show('sheet')
    fireEvent.click(screen.getByRole('button', { name: /Put this station right/ }))
    expect(actions.onPutStationRight).toHaveBeenCalledWith(stations[0])
    fireEvent.click(screen.getByRole('button', { name: /Type/ }))
    expect(actions.onStation).toHaveBeenCalledWith('type')
  })

  it('counts what is open, stands and was put right, and shows only that', () => {
    const actions = show('sheet', 'stet')
    expect(screen.getAllByRole('radio').map((each) => each.parentElement?.textContent)).toEqual([
      'all',
      '1 open',
      '1 stet',
      '1 put right',
    ])
    expect(screen.getByText('Sheet size')).toBeTruthy()
    expect(screen.queryByText('Left margin')).toBeNull()
    expect(states()).toEqual(['Sheet1 stet', 'Type– stet', 'Notes– stet'])
    fireEvent.click(screen.getByRole('radio', { name: '1 open' }))
    expect(actions.onFilter).toHaveBeenCalledWith('open')
  })

  it('is one stop for the tabulator, with arrows from station to station', () => {
    show('sheet')
    const rows = [/^Sheet/, /^Type/].map((name) => screen.getAllByRole('button', { name })[0])
    expect(rows.map((each) => each?.tabIndex)).toEqual([0, -1])
    rows[0]?.focus()
    fireEvent.keyDown(rows[0] as Element, { key: 'ArrowDown' })
    expect(document.activeElement).toBe(rows[1])
  })
})
