import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, ApiProblem, body, type Schemas } from '../api/client'
import type { House } from './house'

export type HouseSet = Schemas['HouseSetView']

const at = (id: string) => ({ params: { path: { id } } })

/** The sets of house rules somebody keeps. */
export function useLibrary() {
  return useQuery({
    queryKey: ['house-rules'],
    queryFn: async () => body(await api.GET('/api/house-rules')),
  })
}

/** The set that a link leads to. */
export function useShared(token: string) {
  return useQuery({
    queryKey: ['shared-rules', token],
    queryFn: async () => body(await api.GET('/api/shared-rules/{token}', { params: { path: { token } } })),
    retry: (count, error) => !(error instanceof ApiProblem && error.status === 404) && count < 2,
  })
}

/** What changes the library; it is fetched again after each. */
export function useLibraryChanges() {
  const client = useQueryClient()
  const onSettled = () => client.invalidateQueries({ queryKey: ['house-rules'] })
  return {
    keep: useMutation({
      mutationFn: async ({ guide, house }: { guide: string; house: House }) =>
        body(await api.POST('/api/house-rules', { body: { guide, ...house } })),
      onSettled,
    }),
    copy: useMutation({
      mutationFn: async (id: string) => body(await api.POST('/api/house-rules/{id}/copy', at(id))),
      onSettled,
    }),
    share: useMutation({
      mutationFn: async (id: string) => body(await api.POST('/api/house-rules/{id}/link', at(id))),
      onSettled,
    }),
    unshare: useMutation({
      mutationFn: async (id: string) => body(await api.DELETE('/api/house-rules/{id}/link', at(id))),
      onSettled,
    }),
    remove: useMutation({
      mutationFn: async (id: string) => {
        await api.DELETE('/api/house-rules/{id}', at(id))
      },
      onSettled,
    }),
    takeOver: useMutation({
      mutationFn: async (token: string) =>
        body(await api.POST('/api/shared-rules/{token}', { params: { path: { token } } })),
      onSettled,
    }),
  }
}

/** Reads a file of house rules on the server, without keeping it. */
export function useRead() {
  return useMutation({
    mutationFn: async ({ file, guide }: { file: File; guide: string }) =>
      body(
        await api.POST('/api/house-rules/reading', {
          params: { query: { guide, name: file.name } },
          body: await file.text(),
          bodySerializer: (text) => text,
          headers: { 'Content-Type': 'text/plain;charset=UTF-8' },
        }),
      ),
  })
}
