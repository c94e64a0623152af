import { type SubmitEvent, useState } from 'react'
import { Notice } from '../ui/Notice'
import { TextField } from '../ui/TextField'
import { Wordmark } from '../ui/Wordmark'
import { useSignIn } from './useSession'

/** The first page of all: sign in, make an account, or try the demo desk. */
export function SignIn({ demoOffered }: { demoOffered: boolean }) {
  const [joining, setJoining] = useState(false)
  const [email, setEmail] = useState('')
  const [password, setPassword] = useState('')
  const enter = useSignIn(joining ? 'sign-up' : 'sign-in')
  const demo = useSignIn('demo')
  const problem = enter.error ?? demo.error
  const submit = (event: SubmitEvent) => {
    event.preventDefault()
    enter.mutate({ email, password })
  }
  return (
    <main className="grid min-h-full place-items-center bg-base-300 p-6">
      <div className="grid w-full max-w-[880px] overflow-hidden rounded-[3px] border border-rule bg-base-100 md:grid-cols-[1fr_340px]">
        <section className="flex flex-col justify-between gap-10 p-9">
          <Wordmark />
          <div>
            <h1 className="max-w-[18ch] text-[34px] leading-tight">Your paper, measured and put right.</h1>
            <p className="mt-3 max-w-[44ch] text-soft">
              Bring the file you wrote. Grintel lays it out page by page, measures it against your style
              guide, and puts its layout right in the same file. Your words stay as you wrote them.
            </p>
          </div>
          {demoOffered && (
            <div>
              <button
                type="button"
                className="btn btn-primary"
                disabled={demo.isPending}
                onClick={() => demo.mutate({ email: '', password: '' })}
              >
                Try the demo desk
              </button>
              <p className="mt-2 text-sm text-soft">
                Two untidy papers from Brackwater College lie there, ready to be put right.
              </p>
            </div>
          )}
        </section>
        <form
          onSubmit={submit}
          className="flex flex-col gap-4 border-t border-rule p-9 md:border-t-0 md:border-l"
        >
          <h2 className="text-xl">{joining ? 'Make an account' : 'Sign in'}</h2>
          <TextField
            label="E-mail address"
            type="email"
            required
            autoComplete="email"
            value={email}
            onText={setEmail}
          />
          <TextField
            label="Password"
            hint={joining ? 'At least 10 characters.' : undefined}
            type="password"
            required
            minLength={joining ? 10 : undefined}
            autoComplete={joining ? 'new-password' : 'current-password'}
            value={password}
            onText={setPassword}
          />
          {problem && <Notice message={problem.message} />}
          <button
            type="submit"
            className={demoOffered ? 'btn btn-quiet' : 'btn btn-primary'}
            disabled={enter.isPending}
          >
            {joining ? 'Make the account' : 'Sign in'}
          </button>
          <button
            type="button"
            className="pencil-link self-start text-sm"
            onClick={() => setJoining(!joining)}
          >
            {joining ? 'I have an account' : 'Make an account'}
          </button>
        </form>
      </div>
    </main>
  )
}
