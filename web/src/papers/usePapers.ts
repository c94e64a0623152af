import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, body, type Schemas } from '../api/client'

export type PaperSummary = Schemas['PaperSummary']

const KEY = ['papers']

export function usePapers() {
  return useQuery({ queryKey: KEY, queryFn: async () => body(await api.GET('/api/papers')), staleTime: 0 })
}

/** What can be done with a paper from the list, which is fetched anew after it. */
export function usePaperCommands() {
  const client = useQueryClient()
  const after = { onSettled: () => client.invalidateQueries({ queryKey: KEY }) }
  const remove = useMutation({
    mutationFn: async (paper: PaperSummary) => {
      const { id, revision } = paper
      await api.DELETE('/api/papers/{id}', { params: { path: { id }, query: { revision } } })
      return paper
    },
    ...after,
  })
  const takeBack = useMutation({
    mutationFn: ({ id }: PaperSummary) =>
      api.POST('/api/papers/{id}/taking-back', { params: { path: { id } } }),
    onSuccess: () => remove.reset(),
    ...after,
  })
  const rename = useMutation({
    mutationFn: ({ paper: { id, revision }, title }: { paper: PaperSummary; title: string }) =>
      api.PUT('/api/papers/{id}/title', { params: { path: { id } }, body: { revision, title } }),
    ...after,
  })
  return { remove, takeBack, rename }
}
