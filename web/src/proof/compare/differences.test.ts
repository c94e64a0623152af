import { expect, it } from 'vitest'
import { line, page, run } from '../fixtures'
import type { Layout } from '../useProof'
import { differences } from './differences'

const layout = (...lines: ReturnType<typeof line>[]): Layout => ({
  pages: [page(lines)],
  faces: [],
  remarks: [],
  oddities: [],
})
const says = (words: string, paragraph: number, y: number, size = 12) =>
  line(paragraph, 0, y, { runs: [run(words, 90, 100, { size })] })

it('a paragraph that looks otherwise is marked on both sides, wherever it stands', () => {
  const before = layout(says('The bells', 1, 100), says('The lamps', 2, 120, 14), says('The weir', 3, 140))
  const after = layout(says('The bells', 1, 100), says('The lamps', 2, 200), says('The weir', 3, 300))
  const found = differences(before, after)
  expect(found.before.get(1)).toMatchObject([{ y1: 109 }])
  expect(found.after.get(1)).toMatchObject([{ y1: 189 }])
})

it('words that stand on one side alone are marked there', () => {
  const found = differences(
    layout(says('The bells', 1, 100)),
    layout(says('The bells', 1, 100), says('Solvane 1', 2, 50)),
  )
  expect(found.before.size).toBe(0)
  expect(found.after.get(1)).toHaveLength(1)
})
