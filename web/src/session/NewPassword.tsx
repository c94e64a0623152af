import { useMutation } from '@tanstack/react-query'
import { type SubmitEvent, useState } from 'react'
import { api } from '../api/client'
import { Notice } from '../ui/Notice'
import { PasswordField } from '../ui/PasswordField'
import { useTitle } from '../ui/useTitle'
import { Door } from './Door'

/** Sets a new password, by the link that came in the mail: what it holds stands behind its #, which goes nowhere. */
export function NewPassword() {
  const token = window.location.hash.slice(1)
  const [password, setPassword] = useState('')
  useTitle('New password')
  const set = useMutation({
    mutationFn: () => api.PUT('/api/password-reset', { body: { token, password } }),
  })
  const submit = (event: SubmitEvent) => {
    event.preventDefault()
    set.mutate()
  }
  return (
    <Door
      form={
        <form onSubmit={submit} className="flex flex-col gap-4">
          <h2 className="text-xl">New password</h2>
          {set.isSuccess ? (
            <>
              <p role="status">The new password is set, and every session with the old one has ended.</p>
              <a href="/" className="btn btn-primary">
                Sign in
              </a>
            </>
          ) : (
            <>
              <PasswordField
                label="Password"
                hint="At least 10 characters."
                required
                minLength={10}
                autoComplete="new-password"
                value={password}
                onText={setPassword}
              />
              {set.error && <Notice message={set.error.message} />}
              <button type="submit" className="btn btn-primary" disabled={set.isPending || token === ''}>
                Set it
              </button>
              {token === '' && <p>The link is not whole. Open it from the mail again.</p>}
            </>
          )}
        </form>
      }
    />
  )
}
