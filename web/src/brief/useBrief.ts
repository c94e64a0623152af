import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { api, body, type Schemas } from '../api/client'
import { finish } from '../api/work'
import type { Units } from '../ui/settings'
import { useLater } from '../ui/useLater'
import type { House } from './house'

export type Brief = Schemas['BriefChoice']
export type Author = Schemas['AuthorChoice']
export type Specimen = Schemas['SpecimenView']
export type Told = Schemas['ToldView']

/** How long a brief rests before it is kept, in milliseconds. */
const REST = 500

/** The brief as it was left. */
export function useKeptBrief() {
  return useQuery({
    queryKey: ['brief'],
    queryFn: async () => body(await api.GET('/api/brief')),
    staleTime: Infinity,
  })
}

/** A brief being worked on: kept by itself, undone and redone change by change. */
export interface Draft {
  brief: Brief
  change: (change: Partial<Brief>) => void
  undo: (() => void) | null
  redo: (() => void) | null
  keeping: 'kept' | 'keeping' | Error
}

interface History {
  past: Brief[]
  brief: Brief
  future: Brief[]
}

/** Changes of one field in a row are one change to undo. */
const sameField = (one: Partial<Brief>, other: Partial<Brief>) =>
  JSON.stringify(Object.keys(one)) === JSON.stringify(Object.keys(other))

export function useDraft(kept: Brief): Draft {
  const client = useQueryClient()
  const [history, setHistory] = useState<History>({ past: [], brief: kept, future: [] })
  const last = useRef<{ change: Partial<Brief>; at: number }>({ change: {}, at: 0 })
  const saving = useMutation({
    mutationFn: async (brief: Brief) => body(await api.PUT('/api/brief', { body: brief })),
    onSuccess: (saved) => client.setQueryData(['brief'], saved),
  })
  const { mutate } = saving
  const resting = useLater(history.brief, REST)
  const first = useRef(kept)
  useEffect(() => {
    if (resting !== first.current) {
      mutate(resting)
    }
  }, [resting, mutate])

  const change = (change: Partial<Brief>) => {
    const now = Date.now()
    const goesOn = now - last.current.at < 2 * REST && sameField(change, last.current.change)
    last.current = { change, at: now }
    setHistory(({ past, brief }) => ({
      past: goesOn && past.length > 0 ? past : [...past, brief],
      brief: { ...brief, ...change },
      future: [],
    }))
  }
  const undo = () =>
    setHistory(({ past, brief, future }) => {
      const before = past.at(-1)
      return before
        ? { past: past.slice(0, -1), brief: before, future: [brief, ...future] }
        : { past, brief, future }
    })
  const redo = () =>
    setHistory(({ past, brief, future }) => {
      const [next, ...later] = future
      return next ? { past: [...past, brief], brief: next, future: later } : { past, brief, future }
    })
  return {
    brief: history.brief,
    change,
    undo: history.past.length > 0 ? undo : null,
    redo: history.future.length > 0 ? redo : null,
    keeping: saving.error ?? (saving.isPending || resting !== history.brief ? 'keeping' : 'kept'),
  }
}

/** The pages of a brief as they must look; those of the brief before until they are there. */
export function useSpecimen(brief: Brief | undefined, units: Units) {
  return useQuery({
    queryKey: ['specimen', brief, units],
    queryFn: async ({ signal }) =>
      body(
        await api.POST('/api/brief/specimen', {
          params: { query: { units } },
          body: brief ?? { guide: '', surname: '', shortTitle: '', more: {}, authors: [] },
          signal,
        }),
      ),
    enabled: brief !== undefined,
    placeholderData: (before) => before,
    retry: false,
    gcTime: 60_000,
  })
}

/** All that a guide asks. */
export function useAsks(guide: string) {
  return useQuery({
    queryKey: ['asks', guide],
    queryFn: async () => body(await api.GET('/api/guides/{id}', { params: { path: { id: guide } } })),
    staleTime: Infinity,
  })
}

/** What courses often ask otherwise. */
export function useCommonDifferences() {
  return useQuery({
    queryKey: ['common-differences'],
    queryFn: async () => body(await api.GET('/api/common-differences')),
    staleTime: Infinity,
  })
}

/** What house rules ask otherwise than their guide, in words. */
export function useTold(guide: string, house: House | undefined) {
  return useQuery({
    queryKey: ['told', guide, house?.rules],
    queryFn: async () =>
      body(await api.POST('/api/house-rules/told', { body: { guide, rules: house?.rules ?? {} } })),
    enabled: house !== undefined,
    placeholderData: (before) => (house === undefined ? undefined : before),
    retry: false,
  })
}

/** Sets up a new paper and answers with its id. */
export function useSetUp() {
  const client = useQueryClient()
  return useMutation({
    mutationFn: async (wanted: { brief: Brief; samples: boolean; fileName: string }) => {
      const work = await finish(
        body(await api.POST('/api/papers/composed', { body: wanted })),
        () => undefined,
      )
      if (!work.paper) {
        throw new Error('The paper was not kept. Try again.')
      }
      return work.paper
    },
    onSuccess: () => client.invalidateQueries({ queryKey: ['papers'] }),
  })
}
