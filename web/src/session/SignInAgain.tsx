import { useMutation, useQueryClient } from '@tanstack/react-query'
import { type SubmitEvent, useEffect, useState } from 'react'
import { api, body, signedOut } from '../api/client'
import { Dialog } from '../ui/Dialog'
import { Notice } from '../ui/Notice'
import { PasswordField } from '../ui/PasswordField'
import { keepSession, type Person } from './useSession'

/** Lets a person whose session is over sign in on the spot: what is on the screen stays as it is. */
export function SignInAgain({ person }: { person: Person }) {
  const client = useQueryClient()
  const [over, setOver] = useState(false)
  const [password, setPassword] = useState('')
  useEffect(() => {
    const listen = () => setOver(true)
    signedOut.addEventListener('signed-out', listen)
    return () => signedOut.removeEventListener('signed-out', listen)
  }, [])
  const enter = useMutation({
    mutationFn: async () => {
      // Brings the token that signing in needs.
      await api.GET('/api/session')
      return body(await api.POST('/api/session', { body: { email: person.email, password } }))
    },
    onSuccess: (session) => {
      keepSession(client, session)
      setOver(false)
      setPassword('')
      // What could not be fetched meanwhile is fetched now.
      void client.refetchQueries({ predicate: ({ state }) => state.status === 'error' })
    },
  })
  const submit = (event: SubmitEvent) => {
    event.preventDefault()
    enter.mutate()
  }
  const leave = () => {
    client.clear()
    window.location.assign('/')
  }
  if (!over) {
    return null
  }
  return (
    <Dialog title="You are signed out" onClose={leave}>
      {person.demo ? (
        <>
          <p>This visitor’s desk is closed. Another one can be opened at the door.</p>
          <div className="mt-4 flex justify-end">
            <button type="button" className="btn btn-primary" onClick={leave}>
              To the door
            </button>
          </div>
        </>
      ) : (
        <form onSubmit={submit} className="flex flex-col gap-4">
          <p>
            Sign in again as <b className="[overflow-wrap:anywhere]">{person.email}</b>, and go on where you
            were. Of what was put right before, nothing is lost.
          </p>
          <PasswordField
            label="Password"
            required
            autoComplete="current-password"
            value={password}
            onText={setPassword}
          />
          {enter.error && <Notice message={enter.error.message} />}
          <div className="flex justify-end gap-3">
            <button type="button" className="btn btn-quiet" onClick={leave}>
              Somebody else
            </button>
            <button type="submit" className="btn btn-primary" disabled={enter.isPending}>
              Sign in
            </button>
          </div>
        </form>
      )}
    </Dialog>
  )
}
