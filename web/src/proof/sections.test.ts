import { describe, expect, it } from 'vitest'
import { finding, place, station } from './fixtures'
import { readingsOf, sectionsOf } from './sections'
import type { Reading } from './useProof'

const at = (page: number, count = 1) =>
  Array.from({ length: count }, (_, index) =>
    place({ page, paragraph: 5 + index, anchor: `${page}-${index}` }),
  )
const reading = (name: string, more: Partial<Reading>) => finding('spacing.line', name, { name, ...more })

const once = reading('once', { places: at(3) })
const often = reading('often', { places: at(9, 4) })
const gap = finding('spacing.paragraph-gap', 'after', { title: 'Paragraph gaps', places: at(1, 2) })
const advised = finding('spacing.sentence-gap', 'gap', { weight: 'advised', places: at(1, 30) })
const asks = finding('spacing.line-breaks', 'breaks', { fix: 'ask' })
const own = finding('spacing.own', 'own', { fix: 'none', mendable: false })
const standing = reading('standing', { stet: 'as asked', mendable: false })
const met = reading('met', { off: false })
const spacing = station('spacing', [met, once, asks, own, gap, often, advised, standing])

describe('the readings of a station', () => {
  it('stand under the hands that settle them', () => {
    const hands = sectionsOf(spacing, 'all', 'worst').map(({ hand, count }) => [hand, count])
    expect(hands).toEqual([
      ['desk', 4],
      ['ask', 1],
      ['own', 1],
      ['stet', 1],
      ['met', 1],
    ])
  })

  it('of one rule are one cause', () => {
    const causes = sectionsOf(spacing, 'all', 'worst')[0]?.causes.map(({ readings }) => readings.length)
    expect(causes).toEqual([2, 1, 1])
  })

  it('come worst first: required before advised, then those at most places', () => {
    expect(readingsOf(spacing, 'open', 'worst').slice(0, 4)).toEqual([often, once, gap, advised])
  })

  it('come as they stand on the pages, by choice', () => {
    expect(readingsOf(spacing, 'open', 'pages').slice(0, 4)).toEqual([gap, advised, once, often])
  })

  it('are those the filter asks for', () => {
    expect(readingsOf(spacing, 'open', 'worst')).not.toContain(met)
    expect(readingsOf(spacing, 'open', 'worst')).toHaveLength(6)
    expect(readingsOf(spacing, 'stet', 'worst')).toEqual([standing])
  })
})
