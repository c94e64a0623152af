import { type QueryClient, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, body, type Schemas } from '../api/client'

export type Session = Schemas['SessionView']
export type Person = Schemas['PersonView']

const KEY = ['session']

/** Drops all that was loaded for a person, but not the session itself, which is being shown. */
function forgetOthers(client: QueryClient) {
  client.removeQueries({ predicate: (query) => query.queryKey[0] !== KEY[0] })
}

/** Somebody has signed in. */
export function keepSession(client: QueryClient, session: Session) {
  client.setQueryData(KEY, session)
}

/** Who is signed in. */
export function useSession() {
  return useQuery({
    queryKey: KEY,
    queryFn: async () => body(await api.GET('/api/session')),
    staleTime: Infinity,
  })
}

interface Credentials {
  email: string
  password: string
}

/** Signs in, signs up or enters the demo desk; what was loaded for somebody else is forgotten. */
export function useSignIn(way: 'sign-in' | 'sign-up' | 'demo') {
  const client = useQueryClient()
  return useMutation({
    mutationFn: async (credentials: Credentials) => {
      switch (way) {
        case 'sign-in':
          return body(await api.POST('/api/session', { body: credentials }))
        case 'sign-up':
          return body(await api.POST('/api/accounts', { body: credentials }))
        case 'demo':
          return body(await api.POST('/api/session/demo'))
      }
    },
    onSuccess: (session) => {
      forgetOthers(client)
      keepSession(client, session)
    },
  })
}

export function useSignOut() {
  const client = useQueryClient()
  return useMutation({
    mutationFn: () => api.DELETE('/api/session'),
    onSuccess: () => {
      forgetOthers(client)
      void client.invalidateQueries({ queryKey: KEY })
    },
  })
}
