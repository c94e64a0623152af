import { beforeEach, describe, expect, it, vi } from 'vitest'
import { ApiProblem, wasChangedElsewhere } from './client'
import { examined, finish, stop, type Work } from './work'

const underway: Work = { id: 'w', finished: false, stage: 'Reading the file', ahead: 0 }
const done: Work = { id: 'w', finished: true, stage: 'Measuring', ahead: 0, changed: ['1 section'] }

let asked: string[]
let answers: (() => Response)[]

/** A server that gives one answer after the other. */
beforeEach(() => {
  asked = []
  answers = []
  vi.useFakeTimers({ shouldAdvanceTime: true, advanceTimeDelta: 400 })
  vi.stubGlobal('fetch', (request: Request) => {
    asked.push(`${request.method} ${new URL(request.url).pathname}`)
    return Promise.resolve(answers.shift()?.() ?? Response.json(done))
  })
})

describe('work that takes longer', () => {
  it('is asked after until it is finished, and each stage is told', async () => {
    answers = [() => Response.json({ ...underway, stage: 'Measuring' })]
    const stages: string[] = []
    const result = await finish(underway, (work) => stages.push(work.stage))
    expect(result.changed).toEqual(['1 section'])
    expect(stages).toEqual(['Reading the file', 'Measuring'])
    expect(asked).toEqual(['GET /api/work/w', 'GET /api/work/w'])
  })

  it('is not asked after when it is done already', async () => {
    expect(await finish(done, () => undefined)).toBe(done)
    expect(asked).toEqual([])
  })

  it('tells in words what went wrong in it', async () => {
    answers = [() => Response.json({ detail: 'The file is damaged.' }, { status: 422 })]
    await expect(finish(underway, () => undefined)).rejects.toThrow('The file is damaged.')
  })

  it('can be stopped', async () => {
    answers = [() => new Response(null, { status: 204 })]
    await stop(underway)
    expect(asked).toEqual(['DELETE /api/work/w'])
  })
})

describe('what has to be examined first', () => {
  it('is fetched again once the work is done', async () => {
    const layout = { pages: [] }
    const fetched: ({ pages: never[] } | Work)[] = [underway, layout]
    const onWork = vi.fn()
    const result = await examined<{ pages: never[] }>(
      () => Promise.resolve({ data: fetched.shift() ?? layout }),
      onWork,
    )
    expect(result).toBe(layout)
    expect(onWork).toHaveBeenCalledWith(underway)
  })

  it('is given at once where it is known', async () => {
    expect(await examined(() => Promise.resolve({ data: { stations: [] } }))).toEqual({ stations: [] })
    expect(asked).toEqual([])
  })
})

describe('a change from another window', () => {
  it('is told from other refusals by its type', () => {
    expect(wasChangedElsewhere(new ApiProblem(409, 'x', 'urn:grintel:changed-elsewhere'))).toBe(true)
    expect(wasChangedElsewhere(new ApiProblem(409, 'There is nothing to undo.'))).toBe(false)
    expect(wasChangedElsewhere(new Error('x'))).toBe(false)
  })
})
