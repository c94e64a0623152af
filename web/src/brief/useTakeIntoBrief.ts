import { useMutation, useQueryClient } from '@tanstack/react-query'
import { api, body } from '../api/client'
import type { House } from './house'

/** Lays house rules, and the guide they are meant for, over the brief somebody is working on. */
export function useTakeIntoBrief() {
  const client = useQueryClient()
  return useMutation({
    mutationFn: async ({ guide, house }: { guide: string; house: House }) => {
      const brief = body(await api.GET('/api/brief'))
      return body(await api.PUT('/api/brief', { body: { ...brief, guide, house } }))
    },
    onSuccess: (brief) => client.setQueryData(['brief'], brief),
  })
}
