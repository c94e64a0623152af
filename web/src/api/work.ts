import { api, body, type Schemas } from './client'

export type Work = Schemas['WorkView']

/** Told of each stage that work comes to; its id is what it can be stopped by. */
export type OnWork = (work: Work) => void

const PAUSE = 300
const LONGEST_PAUSE = 3000

/** How long to wait before asking again: the longer the more comes before, so that a crowd does not ask in vain. */
export function pause({ ahead }: Work): number {
  return Math.min(LONGEST_PAUSE, PAUSE + 50 * ahead)
}

/** Waits for work that takes longer, telling each stage it comes to. */
export async function finish(work: Work, onWork: OnWork): Promise<Work> {
  let current = work
  while (!current.finished) {
    onWork(current)
    const wait = pause(current)
    await new Promise((resolve) => setTimeout(resolve, wait))
    current = body(await api.GET('/api/work/{id}', { params: { path: { id: current.id } } }))
  }
  return current
}

/** Has work stopped; whoever waits for it is told so. */
export async function stop(work: Work): Promise<void> {
  await api.DELETE('/api/work/{id}', { params: { path: { id: work.id } } })
}

/** Asks for what has to be examined first, and waits for that where it is not done yet. */
export async function examined<T extends object>(
  ask: () => Promise<{ data?: T | Work }>,
  onWork: OnWork = () => undefined,
): Promise<T> {
  for (;;) {
    const answer = body(await ask())
    if (!isWork(answer)) {
      return answer
    }
    await finish(answer, onWork)
  }
}

function isWork(answer: object): answer is Work {
  return 'finished' in answer
}
