import { act, renderHook } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { finding, line, page, place, station } from './fixtures'
import { useChoice } from './useChoice'
import type { Layout, Station } from './useProof'

const layout: Layout = {
  pages: [page([line(5, 0, 200)]), page([line(9, 0, 300)], { number: 2 })],
  faces: [],
  remarks: [],
  oddities: [],
}
const left = finding('sheet.margins', 'left')
const gap = finding('spacing.paragraph-gap', 'after', {
  name: 'Space after',
  places: [
    place({ page: 1, paragraph: 5, quote: 'In all three' }),
    place({ page: 2, paragraph: 9, quote: '' }),
  ],
})

function stations(sheet = left): Station[] {
  return [station('sheet', [sheet]), station('spacing', [gap]), station('notes', [], { state: 'absent' })]
}

const choice = (of = stations()) =>
  renderHook(({ all }: { all: Station[] }) => useChoice(layout, all, 'pages'), { initialProps: { all: of } })

describe('what is at hand', () => {
  it('is the first open reading to begin with', () => {
    const { result } = choice()
    expect([result.current.station, result.current.key]).toEqual(['sheet', left.key])
  })

  it('is the first open reading of a station that is chosen, shown at its place', () => {
    const { result } = choice()
    act(() => result.current.chooseStation('spacing'))
    expect(result.current.reading).toBe(gap)
    expect(result.current.target).toMatchObject({ page: 1, y: 189 })
    expect(result.current.said).toBe('Space after, page 1: In all three')
    act(() => result.current.chooseStation('notes'))
    expect(result.current.reading).toBeUndefined()
  })

  it('goes from place to place, across stations and round', () => {
    const { result } = choice()
    const seen: [string | null, number][] = []
    for (let i = 0; i < 4; i++) {
      act(() => result.current.move(1))
      seen.push([result.current.key, result.current.place])
    }
    expect(seen).toEqual([
      [gap.key, 0],
      [gap.key, 1],
      [left.key, 0],
      [gap.key, 0],
    ])
    act(() => result.current.nextPlace(gap))
    expect(result.current.target).toMatchObject({ page: 2, y: 289 })
    act(() => result.current.nextPlace(gap))
    expect(result.current.place).toBe(0)
  })

  it('goes from station to station and round', () => {
    const { result } = choice()
    const seen: string[] = []
    for (const by of [1, 1, 1, -1] as const) {
      act(() => result.current.moveStation(by))
      seen.push(result.current.station)
    }
    expect(seen).toEqual(['spacing', 'notes', 'sheet', 'notes'])
  })

  it('goes to the same place again when asked again', () => {
    const { result } = choice()
    act(() => result.current.goTo(2))
    const turn = result.current.target?.turn ?? 0
    act(() => result.current.goTo(2))
    expect(result.current.target?.turn).toBe(turn + 1)
  })

  it('stays with the quantity when its reading measures something else', () => {
    const { result, rerender } = choice()
    const met = finding('sheet.margins', 'left', { key: 'sheet.margins/left/1 in', off: false })
    rerender({ all: stations(met) })
    expect(result.current.reading).toBe(met)
    act(() => result.current.chooseReading(null))
    expect(result.current.reading).toBeUndefined()
  })

  it('follows a mark without moving the desk', () => {
    const { result } = choice()
    act(() => result.current.chooseStation('spacing'))
    const target = result.current.target
    act(() => result.current.chooseMark(gap.key, 1))
    expect(result.current.place).toBe(1)
    expect(result.current.target).toBe(target)
  })
})
