import { useMutation, useQuery } from '@tanstack/react-query'
import type { SubmitEvent } from 'react'
import { api, body } from '../api/client'
import { Notice } from '../ui/Notice'
import { TextField } from '../ui/TextField'

/** Has a link sent by which a new password can be set. */
export function Forgotten({
  email,
  offered,
  demo,
  onEmail,
  onClose,
}: {
  email: string
  /** Whether this desk sends mail. */
  offered: boolean
  demo: boolean
  onEmail: (email: string) => void
  onClose: () => void
}) {
  const ask = useMutation({
    mutationFn: () => api.POST('/api/password-reset', { body: { email } }),
  })
  const submit = (event: SubmitEvent) => {
    event.preventDefault()
    ask.mutate()
  }
  return (
    <form onSubmit={submit} className="flex flex-col gap-4">
      <h2 className="text-xl">Forgotten password</h2>
      {!offered ? (
        <p>This desk sends no mail. Ask whoever runs it for a new password.</p>
      ) : ask.isSuccess ? (
        <>
          <p role="status">
            If <b className="[overflow-wrap:anywhere]">{email}</b> has an account, a link is on its way there.
            It holds for an hour.
          </p>
          {demo && <DemoMail address={email} />}
        </>
      ) : (
        <>
          <TextField
            label="E-mail address"
            type="email"
            required
            autoComplete="email"
            value={email}
            onText={onEmail}
          />
          {ask.error && <Notice message={ask.error.message} />}
          <button type="submit" className="btn btn-primary" disabled={ask.isPending}>
            Send a link
          </button>
        </>
      )}
      <button type="button" className="pencil-link self-start text-sm" onClick={onClose}>
        Back to signing in
      </button>
    </form>
  )
}

/** The demo sends nothing; what it would have sent lies here. */
function DemoMail({ address }: { address: string }) {
  const mail = useQuery({
    queryKey: ['demo-mail', address],
    queryFn: async () => body(await api.GET('/api/session/demo/mail', { params: { query: { address } } })),
    refetchInterval: ({ state }) => (state.data?.length ? false : 1000),
  })
  const last = mail.data?.[0]
  const link = last && /https?:\S+/.exec(last.text)?.[0]
  return (
    <div className="border border-rule bg-base-200 p-3 text-sm">
      <p className="text-soft">The demo sends no mail. It would have been this:</p>
      {last ? (
        <>
          <p className="mt-2 whitespace-pre-wrap [overflow-wrap:anywhere]">{last.text}</p>
          {link && (
            <a className="pencil-link" href={new URL(link).pathname + new URL(link).hash}>
              Follow the link
            </a>
          )}
        </>
      ) : (
        <p className="mt-2">Nothing so far.</p>
      )}
    </div>
  )
}
