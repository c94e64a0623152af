import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, body, type Schemas, sendFile, type Sending } from '../api/client'
import { finish, type OnWork, type Work } from '../api/work'

export type Understanding = Schemas['Understanding']
export type Guide = Schemas['GuideView']

export const LARGEST = 25 * 1024 * 1024

export function useGuides() {
  return useQuery({
    queryKey: ['guides'],
    queryFn: async () => body(await api.GET('/api/guides')),
    staleTime: Infinity,
  })
}

/** Reads a file on the server without keeping it. */
export function useUnderstanding(onWork: OnWork, sending: Sending) {
  return useMutation({
    mutationFn: async ({ file, guide }: { file: File; guide: string }): Promise<Understanding> => {
      if (file.size > LARGEST) {
        throw new Error('The file is larger than 25 MB. Make its pictures smaller and save it again.')
      }
      const work = await finish(await sendFile<Work>('/api/understanding', file, { guide }, sending), onWork)
      if (!work.understanding) {
        throw new Error('The file was not read. Bring it again.')
      }
      return work.understanding
    },
  })
}

interface Paper {
  file: File
  guide: string
  surname: string
  shortTitle: string
  /** Id of a set of house rules of the library, or empty. */
  house: string
}

/** Keeps a paper and answers with its id. */
export function useKeep(onWork: OnWork, sending: Sending) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: async ({ file, ...said }: Paper): Promise<string> => {
      const work = await finish(
        await sendFile<Work>('/api/papers', file, { fileName: file.name, ...said }, sending),
        onWork,
      )
      if (!work.paper) {
        throw new Error('The paper was not kept. Bring it again.')
      }
      return work.paper
    },
    onSuccess: () => client.invalidateQueries({ queryKey: ['papers'] }),
  })
}
