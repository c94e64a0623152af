import { beforeEach, describe, expect, it, vi } from 'vitest'
import { allPages } from './allPages'
import { page } from './fixtures'

let asked: number[]
let state: string

/** A server whose answers hold two pages each; after the third answer the paper is another one. */
beforeEach(() => {
  asked = []
  state = 'first'
  vi.stubGlobal('fetch', (request: Request) => {
    const from = Number(new URL(request.url).searchParams.get('from'))
    asked.push(from)
    const pageCount = state === 'first' ? 5 : 3
    const pages = [from, from + 1]
      .filter((number) => number <= pageCount)
      .map((number) => page([], { number }))
    return Promise.resolve(Response.json({ state, pageCount, pages, faces: [], remarks: [], oddities: [] }))
  })
})

describe('the pages of a paper', () => {
  it('are fetched until all are there', async () => {
    const { pages } = await allPages('p', 0)
    expect(pages.map(({ number }) => number)).toEqual([1, 2, 3, 4, 5])
    expect(asked).toEqual([1, 3, 5])
  })

  it('are fetched anew where the paper has changed in between', async () => {
    const { fetch } = globalThis
    vi.stubGlobal('fetch', (request: Request) => {
      const answer = fetch(request)
      state = asked.length === 1 ? 'second' : state
      return answer
    })
    const { pages } = await allPages('p', 0)
    expect(pages.map(({ number }) => number)).toEqual([1, 2, 3])
    expect(asked).toEqual([1, 3, 1, 3])
  })
})
