import { type QueryClient, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback } from 'react'
import { api, body, type Schemas, sendFile, wasChangedElsewhere } from '../api/client'
import { download } from '../api/download'
import { examined, finish, type OnWork, type Work } from '../api/work'
import type { Units } from '../ui/settings'
import { allPages, type Layout } from './allPages'

export type { Layout, Page } from './allPages'
export type Paper = Schemas['PaperView']
export type Face = Schemas['FaceView']
export type Line = Schemas['LineView']
export type Picture = Schemas['PictureView']
export type Run = Schemas['RunView']
export type Station = Schemas['StationReadings']
export type Reading = Schemas['ReadingView']
export type Place = Schemas['PlaceView']
export type Stroke = Schemas['StrokeView']
/** Words that a put-right changes. */
export type Change = Schemas['ChangeView']
/** What to put right of the paper as it stands. */
export type Wish = Omit<Schemas['PutRightRequest'], 'revision'>

/** What a paper is judged by. */
export type Facts = Schemas['FactsView']

/** What a paper is handed in as. */
export type Kind = 'docx' | 'pdf'

export type PutRight = Schemas['PutRightView']

/** What putting right did: the readings, and what that changed in the file. */
export interface Outcome {
  done: PutRight[]
  changed: string[]
}

const at = (id: string) => ({ params: { path: { id } } })

export function usePaper(id: string) {
  return useQuery({
    queryKey: ['paper', id],
    queryFn: async () => body(await api.GET('/api/papers/{id}', at(id))),
    // Another window may have taken a step meanwhile.
    refetchOnWindowFocus: 'always',
  })
}

/** What a paper's own lines say of its facts. */
export function useFound({ id, revision }: Paper) {
  return useQuery({
    queryKey: ['found', id, revision],
    queryFn: () =>
      examined<Schemas['FoundView']>(() => api.GET('/api/papers/{id}/found', { params: { path: { id } } })),
  })
}

/** Notes which page of a paper is looked at; it is fetched first when the paper has changed. */
export function useInView(id: string) {
  const client = useQueryClient()
  return useCallback((page: number) => client.setQueryData(['in-view', id], page), [client, id])
}

/** How the pages of a paper as it stands are fetched: those in sight first, each as it was before until it is there. */
function pagesOf(client: QueryClient, id: string, revision: number | undefined, onWork: OnWork) {
  const queryKey = ['layout', id, revision]
  return {
    queryKey,
    queryFn: () =>
      allPages(id, 0, {
        onWork,
        inView: () => client.getQueryData<number>(['in-view', id]) ?? 1,
        before: client.getQueryData<Layout>(['layout', id, (revision ?? 0) - 1]),
        onPages: (some) => client.setQueryData(queryKey, some),
      }),
  }
}

/** The pages of a paper as it stands, as they come; those it had before until then. */
export function useLayout(id: string, revision: number | undefined, onWork: OnWork) {
  return useQuery({
    ...pagesOf(useQueryClient(), id, revision, onWork),
    enabled: revision !== undefined,
    placeholderData: (before) => before,
  })
}

/** The pages of a numbered proof, or with 0 of the paper as it stands. */
export function useProofLayout(id: string, proof: number, revision: number) {
  return useQuery({
    queryKey: proof > 0 ? ['layout', id, 'proof', proof] : ['layout', id, revision],
    queryFn: () => allPages(id, proof),
  })
}

/** The readings of a paper as it stands, their lengths in the unit the person chose. */
export function useReadings(id: string, revision: number | undefined, units: Units) {
  return useQuery({
    queryKey: ['readings', id, revision, units],
    queryFn: () =>
      examined<Schemas['ReadingsView']>(() =>
        api.GET('/api/papers/{id}/readings', { params: { path: { id }, query: { units } } }),
      ),
    enabled: revision !== undefined,
    placeholderData: (before) => before,
  })
}

/** What a station measures on the pages of a paper as it stands, by page. */
export function useStrokes(id: string, station: string, revision: number, units: Units) {
  return useQuery({
    queryKey: ['strokes', id, revision, station, units],
    queryFn: async () => {
      const { pages } = await examined<Schemas['StrokesView']>(() =>
        api.GET('/api/papers/{id}/strokes', { params: { path: { id }, query: { station, units } } }),
      )
      return new Map(pages.map(({ page, strokes }) => [page, strokes]))
    },
  })
}

const wordsOf = async ({ id, revision }: Paper, wish: Wish, onWork?: OnWork): Promise<Change[]> => {
  const started = body(
    await api.POST('/api/papers/{id}/put-right/words', { ...at(id), body: { ...wish, revision } }),
  )
  return (await finish(started, onWork ?? (() => undefined))).words ?? []
}

/** The words that putting one place right would change; nothing is asked where there is no place. */
export function useWords(paper: Paper, reading: string | undefined, anchor: string | undefined) {
  return useQuery({
    queryKey: ['words', paper.id, paper.revision, reading, anchor],
    queryFn: () =>
      wordsOf(paper, {
        ...(reading !== undefined && { reading }),
        ...(anchor !== undefined && { places: [anchor] }),
        wordsConfirmed: true,
      }),
    enabled: reading !== undefined && anchor !== undefined,
  })
}

/**
 * What changes a paper: each names the state it is meant for, makes a step, and what was shown of the paper is fetched
 * again. It is fetched again, too, when another window was quicker.
 */
export function useSteps(paper: Paper, onWork: OnWork, onSettled: () => void) {
  const { id, revision } = paper
  const client = useQueryClient()
  const refresh = () => client.invalidateQueries({ queryKey: ['paper', id] })
  const after = {
    onSuccess: () => {
      // A step makes the next revision, so that its pages need not wait until that is told.
      client.query(pagesOf(client, id, revision + 1, onWork)).catch(() => undefined)
      return refresh()
    },
    onError: (problem: Error) => (wasChangedElsewhere(problem) ? refresh() : undefined),
    onSettled,
  }
  const words = useMutation({ mutationFn: (wish: Wish) => wordsOf(paper, wish, onWork), onSettled })
  const putRight = useMutation({
    mutationFn: async (wish: Wish): Promise<Outcome> => {
      const started = body(
        await api.POST('/api/papers/{id}/put-right', { ...at(id), body: { ...wish, revision } }),
      )
      const work = await finish(started, onWork)
      return { done: work.done ?? [], changed: work.changed ?? [] }
    },
    ...after,
  })
  const stet = useMutation({
    mutationFn: async (wish: { reading: string; reason: string }) =>
      finish(
        body(await api.POST('/api/papers/{id}/stet', { ...at(id), body: { ...wish, revision } })),
        onWork,
      ),
    ...after,
  })
  const lift = useMutation({
    mutationFn: async (reading: string) =>
      finish(
        body(await api.POST('/api/papers/{id}/stet/lift', { ...at(id), body: { reading, revision } })),
        onWork,
      ),
    ...after,
  })
  const correct = useMutation({
    mutationFn: async (said: Omit<Schemas['CorrectRequest'], 'revision'>) =>
      finish(
        body(await api.POST('/api/papers/{id}/parts', { ...at(id), body: { ...said, revision } })),
        onWork,
      ),
    ...after,
  })
  const changeFacts = useMutation({
    mutationFn: async (facts: Facts) =>
      finish(
        body(await api.POST('/api/papers/{id}/facts', { ...at(id), body: { ...facts, revision } })),
        onWork,
      ),
    ...after,
  })
  const bringAgain = useMutation({
    mutationFn: async (file: File) => {
      const said = { revision: String(revision) }
      return finish(await sendFile<Work>(`/api/papers/${id}/file`, file, said), onWork)
    },
    ...after,
  })
  const undo = useMutation({
    mutationFn: () => api.POST('/api/papers/{id}/undo', { ...at(id), body: { revision } }),
    ...after,
  })
  const redo = useMutation({
    mutationFn: () => api.POST('/api/papers/{id}/redo', { ...at(id), body: { revision } }),
    ...after,
  })
  const handIn = useMutation({
    mutationFn: async (kind: Kind) => {
      const { number } = body(await api.POST('/api/papers/{id}/proofs', { ...at(id), body: { revision } }))
      return download(`/api/papers/${id}/proofs/${number}/${kind === 'pdf' ? 'pdf' : 'file'}`, onWork)
    },
    ...after,
  })
  return { words, putRight, stet, lift, correct, changeFacts, bringAgain, undo, redo, handIn }
}
