import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, body, type Schemas } from '../api/client'
import { finish } from '../api/work'

export type Paper = Schemas['PaperView']
export type Layout = Schemas['LayoutView']
export type Page = Schemas['PageView']
export type Line = Schemas['LineView']
export type Station = Schemas['StationReadings']
export type Reading = Schemas['ReadingView']
export type Place = Schemas['PlaceView']
export type Quantity = Schemas['QuantityView']
export type Wish = Schemas['PutRightRequest']

const at = (id: string) => ({ params: { path: { id } } })

export function usePaper(id: string) {
  return useQuery({
    queryKey: ['paper', id],
    queryFn: async () => body(await api.GET('/api/papers/{id}', at(id))),
  })
}

/** The pages of the step a paper stands at. */
export function useLayout(id: string, step: number | undefined) {
  return useQuery({
    queryKey: ['layout', id, step],
    queryFn: async () => body(await api.GET('/api/papers/{id}/layout', at(id))),
    enabled: step !== undefined,
    placeholderData: (before) => before,
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

/** What changes a paper: each is a step, and what was shown of the paper is fetched again. */
export function useSteps(id: string, onStage: (stage: string) => void) {
  const client = useQueryClient()
  const refresh = async () => {
    // A step number can come to mean another file once steps were dropped, so nothing kept under it may stay.
    client.removeQueries({ queryKey: ['layout', id], type: 'inactive' })
    client.removeQueries({ queryKey: ['readings', id], type: 'inactive' })
    await client.invalidateQueries({ queryKey: ['paper', id] })
    await Promise.all([
      client.invalidateQueries({ queryKey: ['layout', id] }),
      client.invalidateQueries({ queryKey: ['readings', id] }),
    ])
  }
  const putRight = useMutation({
    mutationFn: async (wish: Wish) => {
      const started = body(await api.POST('/api/papers/{id}/put-right', { ...at(id), body: wish }))
      return (await finish(started, onStage)).done ?? []
    },
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
  const handBack = useMutation({
    mutationFn: async () => {
      const proof = body(await api.POST('/api/papers/{id}/proofs', at(id)))
      window.location.assign(`/api/papers/${id}/proofs/${proof.number}/file`)
      return proof
    },
    onSuccess: refresh,
  })
  return { putRight, undo, redo, handBack }
}
