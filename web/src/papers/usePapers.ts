import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, body, type Schemas } from '../api/client'

export type PaperSummary = Schemas['PaperSummary']

const KEY = ['papers']

export function usePapers() {
  return useQuery({ queryKey: KEY, queryFn: async () => body(await api.GET('/api/papers')), staleTime: 0 })
}

export function useDeletePaper() {
  const client = useQueryClient()
  return useMutation({
    mutationFn: ({ id, revision }: PaperSummary) =>
      api.DELETE('/api/papers/{id}', { params: { path: { id }, query: { revision } } }),
    onSettled: () => client.invalidateQueries({ queryKey: KEY }),
  })
}
