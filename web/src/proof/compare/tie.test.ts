import { describe, expect, it } from 'vitest'
import { line, page } from '../fixtures'
import type { Layout } from '../useProof'
import { placeAt, scrollTo } from './tie'

const of = (...pages: Layout['pages']): Layout => ({ pages, faces: [], remarks: [], oddities: [] })

const tight = of(page([line(0, 0, 100), line(1, 0, 120), line(2, 0, 140)]))
const wide = of(page([line(0, 0, 100), line(1, 0, 400)]), page([line(2, 0, 100)], { number: 2 }))

describe('scrolling tied by content', () => {
  it('finds the same paragraph where the other proof has it', () => {
    // The window's edge stands right at the third paragraph's line.
    const place = placeAt(tight, 22 + 129, 1)
    expect(place).toMatchObject({ paragraph: 2, before: 0 })
    expect(place && scrollTo(wide, place, 1)).toBe(22 + 792 + 22 + 89)
  })

  it('keeps the distance to the line, and takes the nearest paragraph where one is gone', () => {
    const place = placeAt(wide, 22 + 300, 1)
    expect(place).toMatchObject({ paragraph: 1, before: 89 })
    expect(
      scrollTo(of(page([line(0, 0, 300)])), { part: 'text', paragraph: 1, number: 0, before: 89 }, 1),
    ).toBe(22 + 200)
  })
})
