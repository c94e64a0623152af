import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { finding } from './fixtures'
import { OrderOfWork } from './OrderOfWork'
import type { Station } from './useProof'

afterEach(cleanup)

const stations: Station[] = [
  { id: 'sheet', state: 'open', open: 1, readings: [finding('sheet.margins', 'left')] },
  {
    id: 'type',
    state: 'met',
    open: 0,
    readings: [finding('type.face', 'face', { name: 'Face', off: false })],
  },
  { id: 'notes', state: 'none', open: 0, readings: [] },
]

function show(chosen: string) {
  const actions = {
    onStation: vi.fn(),
    onReading: vi.fn(),
    onPutRight: vi.fn(),
    onNextPlace: vi.fn(),
    onPutStationRight: vi.fn(),
  }
  render(
    <OrderOfWork
      stations={stations}
      chosen={chosen}
      reading={null}
      units="inches"
      busy={false}
      {...actions}
    />,
  )
  return actions
}

describe('the order of work', () => {
  it('tells the state of each station in words, not by colour alone', () => {
    show('sheet')
    const states = [/Sheet/, /Type/, /Notes/].map((name) => screen.getByRole('button', { name }).textContent)
    expect(states).toEqual(['Sheet1 open', 'Typemet', 'Notesnone'])
    expect(screen.getByText('1 open', { selector: 'span' })).toBeTruthy()
  })

  it('unfolds only the chosen station, in its place', () => {
    show('type')
    expect(screen.getByRole('button', { name: /Type/ }).getAttribute('aria-expanded')).toBe('true')
    expect(screen.getByText('Face')).toBeTruthy()
    expect(screen.queryByText('Left margin')).toBeNull()
  })

  it('says why a station has nothing to read', () => {
    show('notes')
    expect(screen.getByText(/Nothing is asked at this station yet/)).toBeTruthy()
  })

  it('puts a whole station right, and goes to another', () => {
    const actions = show('sheet')
    fireEvent.click(screen.getByRole('button', { name: /Put this station right/ }))
    expect(actions.onPutStationRight).toHaveBeenCalledWith(stations[0])
    fireEvent.click(screen.getByRole('button', { name: /Type/ }))
    expect(actions.onStation).toHaveBeenCalledWith('type')
  })
})
