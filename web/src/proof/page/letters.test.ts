import { describe, expect, it } from 'vitest'
import { line, page, run } from '../fixtures'
import { boxesOf, lettersOf, plain } from './letters'

const lines = [
  line(1, 0, 100, { runs: [run('The  “Bell”', 90, 110), run(' rings', 200, 60)] }),
  line(1, 1, 120, { runs: [run('in fog-', 90, 70)] }),
  line(1, 2, 140, { runs: [run('bound nights', 90, 120)] }),
  line(2, 0, 160, {
    runs: [run('Tolls', 90, 50), run('....', 140, 60, { leader: true }), run('12', 300, 20)],
  }),
]
const [first, second] = lettersOf(page(lines))

describe('the text of a page', () => {
  it('is plain, whatever runs and lines it is set in', () => {
    expect(first?.text).toBe('the "bell" rings in fog-bound nights')
    expect(plain(' The “Bell”\u00a0 RINGS ')).toBe('the "bell" rings')
  })

  it('has a space for a tab, and no leaders', () => {
    expect(second?.text).toBe('tolls 12')
  })

  it('is read once for each page', () => {
    const sheet = page(lines)
    expect(lettersOf(sheet)).toBe(lettersOf(sheet))
  })

  it('keeps letters that change their length in lower case', () => {
    const turkish = lettersOf(page([line(1, 0, 100, { runs: [run('İstanbul', 90, 80)] })]))[0]
    expect(turkish && boxesOf(turkish, 0, 1)[0]?.box).toMatchObject({ x: 90, width: 10 })
  })
})

describe('boxes round words', () => {
  it('are one for each line, across runs and dropped spaces', () => {
    const at = first?.text.indexOf('bell') ?? -1
    const boxes = first ? boxesOf(first, at, first.text.indexOf('nights')) : []
    expect(boxes.map(({ line: { y }, box }) => [y, Math.round(box.x), Math.round(box.width)])).toEqual([
      [100, 150, 110],
      [120, 90, 70],
      [140, 90, 60],
    ])
  })

  it('are two where wide white parts the words', () => {
    expect(second ? boxesOf(second, 0, 8).map(({ box }) => box.x) : []).toEqual([90, 300])
  })

  it('are none for what is not there', () => {
    expect(first ? boxesOf(first, 5, 5) : null).toEqual([])
  })
})
