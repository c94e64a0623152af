import { beforeEach, describe, expect, it, vi } from 'vitest'
import { allPages, type Layout } from './allPages'
import { page } from './fixtures'

let asked: string[]
let state: string
let pageCount: number

/** A server of a paper of so many pages. */
beforeEach(() => {
  asked = []
  state = 'first'
  pageCount = 70
  vi.stubGlobal('fetch', (request: Request) => {
    const query = new URL(request.url).searchParams
    const from = Number(query.get('from'))
    const most = Number(query.get('most'))
    asked.push(`${from}+${most}`)
    const pages = Array.from({ length: most }, (_, index) => from + index)
      .filter((number) => number <= pageCount)
      .map((number) => page([], { number }))
    return Promise.resolve(Response.json({ state, pageCount, pages, faces: [], remarks: [], oddities: [] }))
  })
})

const numbers = ({ pages }: Layout) => pages.map(({ number }) => number)
const there = ({ pages }: Layout) => pages.filter(({ coming }) => !coming).map(({ number }) => number)

describe('the pages of a paper', () => {
  it('are fetched until all are there, those in sight first', async () => {
    const told: Layout[] = []
    const layout = await allPages('p', 0, { inView: () => 40, onPages: (some) => told.push(some) })
    expect(asked).toEqual(['38+8', '1+37', '46+25'])
    expect(numbers(layout)).toEqual(Array.from({ length: 70 }, (_, index) => index + 1))
    expect(there(layout)).toHaveLength(70)
    expect(told.map((some) => [some.pages.length, there(some).length])).toEqual([
      [70, 8],
      [70, 45],
    ])
  })

  it('come where somebody looks meanwhile', async () => {
    pageCount = 400
    let looked = 1
    await allPages('p', 0, {
      inView: () => looked,
      onPages: () => {
        looked = 300
      },
    })
    expect(asked.slice(0, 3)).toEqual(['1+8', '298+50', '9+50'])
    expect(asked.slice(-3)).toEqual(['259+39', '348+50', '398+3'])
  })

  it('stay as they were until each is there', async () => {
    const before = await allPages('p', 0)
    pageCount = 71
    let first: Layout | undefined
    await allPages('p', 0, { before, onPages: (some) => (first ??= some) })
    expect(first?.pages[20]).toMatchObject({ number: 21, width: before.pages[20]?.width, coming: true })
    expect(first?.pages[70]).toMatchObject({ number: 71, lines: [], coming: true })
  })

  it('are fetched anew where the paper has changed in between', async () => {
    const { fetch } = globalThis
    vi.stubGlobal('fetch', (request: Request) => {
      const answer = fetch(request)
      if (asked.length === 1) {
        state = 'second'
        pageCount = 3
      }
      return answer
    })
    const layout = await allPages('p', 0)
    expect(numbers(layout)).toEqual([1, 2, 3])
    expect(asked).toEqual(['1+50', '51+20', '1+50'])
  })
})
