import { describe, expect, it } from 'vitest'
import { summaryOf } from './fixtures'
import { shelf, when } from './shelf'

const lamps = summaryOf({
  id: 'a',
  stations: [
    { id: 'sheet', open: 3 },
    { id: 'notes', open: -1 },
  ],
})
const bells = summaryOf({
  id: 'b',
  title: 'Fog Bells and Waders',
  fileName: 'study.docx',
  createdAt: '2026-10-12T18:00:00Z',
  changedAt: '2026-10-12T18:00:00Z',
})
const ids = (words: string, sorting: Parameters<typeof shelf>[2] = 'touched') =>
  shelf([lamps, bells], words, sorting).map(({ id }) => id)

describe('the shelf', () => {
  it('finds papers by words of title, file or guide, in any order', () => {
    expect(ids('CANAL lamps')).toEqual(['a'])
    expect(ids('study')).toEqual(['b'])
    expect(ids('mla')).toHaveLength(2)
    expect(ids('heron')).toEqual([])
  })

  it('is sorted as it is asked', () => {
    expect(ids('')).toEqual(['b', 'a'])
    expect(ids('', 'title')).toEqual(['b', 'a'])
    expect(ids('', 'open')).toEqual(['a', 'b'])
  })
})

describe('a time', () => {
  it('has its year where that is not this one', () => {
    const now = new Date('2026-11-26T10:00:00')
    expect(when('2026-10-09T18:00:00', now)).toBe('October 9 at 6:00 PM')
    expect(when('2025-10-09T18:00:00', now)).toBe('October 9, 2025 at 6:00 PM')
  })
})
