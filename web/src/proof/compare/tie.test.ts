import { describe, expect, it } from 'vitest'
import { line, page, run } from '../fixtures'
import type { Layout, Line } from '../useProof'
import { placeAt, scrollTo } from './tie'

const of = (...pages: Layout['pages']): Layout => ({ pages, faces: [], remarks: [], oddities: [] })

function words(text: string, paragraph: number, y: number, number = 0): Line {
  return line(paragraph, number, y, { runs: text === '' ? [] : [run(text, 90, 200)] })
}

const before = of(
  page([words('The keeper', 0, 100), words('', 1, 120), words('', 2, 140), words('The bell', 3, 160)]),
  page([words('The fog', 4, 100), words('that comes in', 4, 116, 1)], { number: 2 }),
)
const after = of(
  page([
    words('The keeper', 0, 100),
    words('The bell', 1, 120),
    words('The fog', 2, 140),
    words('that comes', 2, 160, 1),
  ]),
)

describe('scrolling tied by content', () => {
  it('finds the same words where the other proof has them, though paragraphs were taken out', () => {
    // The window's edge stands 9 pixels above the line with the fog.
    const place = placeAt(before, 22 + 792 + 22 + 80, 1)
    expect(place).toMatchObject({ part: 0, before: 9 })
    expect(place && scrollTo(after, place, 1)).toBe(22 + 129 - 9)
    const back = placeAt(after, 22 + 120, 1)
    expect(back && scrollTo(before, back, 1)).toBe(22 + 792 + 22 + 89 - 9)
  })

  it('goes to as far into a long paragraph, at any scale', () => {
    const place = placeAt(before, (22 + 792 + 22 + 100) * 1, 1)
    expect(place).toMatchObject({ part: 0.5, before: 5 })
    expect(place && scrollTo(after, place, 2)).toBe(22 + (149 - 5) * 2)
  })

  it('takes the paragraph of the same rank where the words are gone', () => {
    const other = of(page([words('Another', 0, 100), words('Yet another', 1, 300)]))
    const place = placeAt(after, 22 + 105, 1)
    expect(place && scrollTo(other, place, 1)).toBe(22 + 289 - 4)
  })
})
