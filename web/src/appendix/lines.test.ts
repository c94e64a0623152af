import { describe, expect, it } from 'vitest'
import {
  beginsPart,
  counted,
  type Line,
  materialsOf,
  restored,
  withMaterial,
  withPart,
  withReversed,
  withRole,
} from './lines'

const line = (typed: string, words: string, role: string, part = 0): Line => ({
  typed,
  words,
  role,
  why: typed === words ? [] : ['codes of items'],
  reversed: false,
  part,
})

const lines = [
  line('Q1 I sleep well.', 'I sleep well.', 'item'),
  line('Page Break', 'Page Break', 'out'),
  line('About you', 'About you', 'heading', 1),
]

describe('lines of an appendix', () => {
  it('counts what is kept and what goes', () => {
    expect(counted(lines)).toEqual({ kept: 2, out: 1, parts: 2 })
  })

  it('takes another word for what a line is, and only items are reversed', () => {
    const reversed = withReversed(lines, 0, true)
    expect(reversed[0]?.reversed).toBe(true)
    expect(withRole(reversed, 0, 'instruction')[0]?.reversed).toBe(false)
    expect(withRole(lines, 1, 'instruction')[1]?.words).toBe('Page Break')
  })

  it('puts back what was taken out', () => {
    expect(restored(lines, 0)[0]).toMatchObject({ words: 'Q1 I sleep well.', why: [] })
    expect(restored(lines, 1)[1]?.role).toBe('instruction')
  })

  it('keeps what was said of a part when others are parted or joined', () => {
    const scale = { kind: 'scale', title: 'Sleep', abbreviation: '', source: '' }
    const said = withMaterial(new Map(), lines, 1, scale)
    expect(materialsOf(said, lines)).toEqual([{ part: 1, ...scale }])
    expect(materialsOf(said, withPart(lines, 1, true))).toEqual([{ part: 2, ...scale }])
    expect(materialsOf(said, withPart(lines, 2, false))).toEqual([])
  })

  it('parts appendices and joins them again', () => {
    expect(beginsPart(lines, 2)).toBe(true)
    const joined = withPart(lines, 2, false)
    expect(beginsPart(joined, 2)).toBe(false)
    expect(withPart(joined, 2, true)).toEqual(lines)
  })
})
