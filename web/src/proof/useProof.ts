import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, body, type Schemas } from '../api/client'
import { download } from '../api/download'
import { finish } from '../api/work'

export type Paper = Schemas['PaperView']
export type Layout = Schemas['LayoutView']
export type Face = Schemas['FaceView']
export type Page = Schemas['PageView']
export type Line = Schemas['LineView']
export type Run = Schemas['RunView']
export type Station = Schemas['StationReadings']
export type Reading = Schemas['ReadingView']
export type Place = Schemas['PlaceView']
export type Measure = Schemas['MeasureView']
export type Stroke = Schemas['StrokeView']
export type Wish = Schemas['PutRightRequest']

/** What a paper is handed in as. */
export type Kind = 'docx' | 'pdf'

/** What putting right did: the readings, and what that changed in the file. */
export interface Outcome {
  done: string[]
  changed: string[]
}

const at = (id: string) => ({ params: { path: { id } } })

export function usePaper(id: string) {
  return useQuery({
    queryKey: ['paper', id],
    queryFn: async () => body(await api.GET('/api/papers/{id}', at(id))),
  })
}

/** The pages of the step a paper stands at; those of the step before until they are there. */
export function useLayout(id: string, step: number | undefined) {
  return useQuery({
    queryKey: ['layout', id, 'step', step],
    queryFn: async () => body(await api.GET('/api/papers/{id}/layout', at(id))),
    enabled: step !== undefined,
    placeholderData: (before) => before,
  })
}

/** The pages of a numbered proof, or with 0 of the paper as it stands at a step. */
export function useProofLayout(id: string, proof: number, step: number) {
  return useQuery({
    queryKey: proof > 0 ? ['layout', id, 'proof', proof] : ['layout', id, 'step', step],
    queryFn: async () =>
      body(
        await api.GET('/api/papers/{id}/layout', {
          params: { path: { id }, query: proof > 0 ? { proof } : {} },
        }),
      ),
  })
}

/** The readings of the step a paper stands at. */
export function useReadings(id: string, step: number | undefined) {
  return useQuery({
    queryKey: ['readings', id, step],
    queryFn: async () => body(await api.GET('/api/papers/{id}/readings', at(id))),
    enabled: step !== undefined,
    placeholderData: (before) => before,
  })
}

/** What a station measures on the pages of the step a paper stands at, by page. */
export function useStrokes(id: string, station: string, step: number) {
  return useQuery({
    queryKey: ['strokes', id, step, station],
    queryFn: async () => {
      const { pages } = body(
        await api.GET('/api/papers/{id}/strokes', { params: { path: { id }, query: { station } } }),
      )
      return new Map(pages.map(({ page, strokes }) => [page, strokes]))
    },
  })
}

/** What changes a paper: each is a step, and what was shown of the paper is fetched again. */
export function useSteps(id: string, onStage: (stage: string) => void) {
  const client = useQueryClient()
  const refresh = async () => {
    // A step number can come to mean another file once steps were dropped, so nothing kept under it may stay.
    client.removeQueries({ queryKey: ['layout', id], type: 'inactive' })
    client.removeQueries({ queryKey: ['readings', id], type: 'inactive' })
    client.removeQueries({ queryKey: ['strokes', id] })
    await client.invalidateQueries({ queryKey: ['paper', id] })
    await Promise.all([
      client.invalidateQueries({ queryKey: ['layout', id] }),
      client.invalidateQueries({ queryKey: ['readings', id] }),
    ])
  }
  const putRight = useMutation({
    mutationFn: async (wish: Wish): Promise<Outcome> => {
      const started = body(await api.POST('/api/papers/{id}/put-right', { ...at(id), body: wish }))
      const work = await finish(started, onStage)
      return { done: work.done ?? [], changed: work.changed ?? [] }
    },
    onSuccess: refresh,
  })
  const stet = useMutation({
    mutationFn: (wish: Schemas['StetRequest']) =>
      api.POST('/api/papers/{id}/stet', { ...at(id), body: wish }),
    onSuccess: refresh,
  })
  const lift = useMutation({
    mutationFn: (reading: string) => api.POST('/api/papers/{id}/stet/lift', { ...at(id), body: { reading } }),
    onSuccess: refresh,
  })
  const undo = useMutation({
    mutationFn: () => api.POST('/api/papers/{id}/undo', at(id)),
    onSuccess: refresh,
  })
  const redo = useMutation({
    mutationFn: () => api.POST('/api/papers/{id}/redo', at(id)),
    onSuccess: refresh,
  })
  const handIn = useMutation({
    mutationFn: async (kind: Kind) => {
      const { number } = body(await api.POST('/api/papers/{id}/proofs', at(id)))
      await download(`/api/papers/${id}/proofs/${number}/${kind === 'pdf' ? 'pdf' : 'file'}`)
      return number
    },
    onSuccess: refresh,
  })
  return { putRight, stet, lift, undo, redo, handIn }
}
