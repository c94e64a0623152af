import { describe, expect, it } from 'vitest'
import { isOpen, neighbour, stands } from './choice'
import { finding, place, station } from './fixtures'
import type { Reading, Station } from './useProof'

const twice = [1, 2].map((page) => place({ page, paragraph: page }))
const left = finding('sheet.margins', 'left')
const header = finding('sheet.header-distance', 'header', {
  stet: 'as in the course sample',
  mendable: false,
})
const size = finding('sheet.size', 'sheet', { off: false })
const gap = finding('spacing.paragraph-gap', 'after', { places: twice })

function stations(...sheet: Reading[]): Station[] {
  return [station('sheet', sheet), station('spacing', [gap])]
}

describe('what stands', () => {
  it('is off but not open', () => {
    expect([left, header, size].map(isOpen)).toEqual([true, false, false])
    expect([left, header, size].map(stands)).toEqual([false, true, false])
  })
})

describe('the next place', () => {
  it('is the next of the same reading, then of the next, and round the end', () => {
    const all = stations(left, header)
    const step = (key: string, place: number, by: 1 | -1) => {
      const to = neighbour(all, key, place, by, 'pages')
      return [to?.reading.key, to?.place]
    }
    expect(step(left.key, 0, 1)).toEqual([gap.key, 0])
    expect(step(gap.key, 0, 1)).toEqual([gap.key, 1])
    expect(step(gap.key, 1, 1)).toEqual([left.key, 0])
    expect(step(left.key, 0, -1)).toEqual([gap.key, 1])
  })

  it('goes on in the same station once the chosen reading was put right', () => {
    const right = finding('sheet.margins', 'right')
    const met = { ...left, off: false }
    expect(neighbour(stations(met, right), left.key, 0, 1, 'pages')?.reading.key).toBe(right.key)
    expect(neighbour(stations(met), left.key, 0, 1, 'pages')?.reading.key).toBe(gap.key)
  })

  it('is nowhere when nothing is open', () => {
    expect(neighbour([station('sheet', [size])], null, 0, 1, 'pages')).toBeUndefined()
  })
})
