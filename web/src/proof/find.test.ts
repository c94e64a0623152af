import { describe, expect, it } from 'vitest'
import { findIn } from './find'
import { line, page, run } from './fixtures'

const sheet = page([
  line(5, 0, 100, { runs: [run('The keepers’ bell rings', 90, 200)] }),
  line(5, 1, 120, { runs: [run('in the fog', 90, 100), run('The Fog', 200, 70)] }),
  line(6, 0, 140, { runs: [run('fog', 90, 30)] }),
])

describe('finding words', () => {
  it('looks through line ends and past upper case', () => {
    const hits = findIn([sheet], 'rings IN')
    expect(hits).toHaveLength(1)
    expect(hits[0]?.boxes.map((box) => Math.round(box.width))).toEqual([43, 20])
    expect(findIn([sheet], 'fog').map((hit) => hit.page)).toEqual([1, 1, 1])
  })

  it('takes straight quotes for curly ones, and does not run from one paragraph into the next', () => {
    expect(findIn([sheet], "keepers' bell")).toHaveLength(1)
    expect(findIn([sheet], 'fog fog')).toHaveLength(0)
  })

  it('starts at two letters', () => {
    expect(findIn([sheet], 'f')).toEqual([])
  })
})
