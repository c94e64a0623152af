import { api, body, type Schemas } from './client'

export type Work = Schemas['WorkView']

const PAUSE = 300

/** Waits for work that takes longer, telling each stage it comes to. */
export async function finish(work: Work, onStage: (stage: string) => void): Promise<Work> {
  let current = work
  while (!current.finished) {
    onStage(current.stage)
    await new Promise((resolve) => setTimeout(resolve, PAUSE))
    current = body(await api.GET('/api/work/{id}', { params: { path: { id: current.id } } }))
  }
  return current
}
