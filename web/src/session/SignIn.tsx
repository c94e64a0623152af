import { type SubmitEvent, useState } from 'react'
import { Notice } from '../ui/Notice'
import { PasswordField } from '../ui/PasswordField'
import { TextField } from '../ui/TextField'
import { useTitle } from '../ui/useTitle'
import { Door } from './Door'
import { Forgotten } from './Forgotten'
import { useSignIn } from './useSession'

/** The first page of all: sign in, make an account, or try the demo desk. */
export function SignIn({ demoOffered, resetOffered }: { demoOffered: boolean; resetOffered: boolean }) {
  const [way, setWay] = useState<'sign-in' | 'sign-up' | 'forgotten'>('sign-in')
  const [email, setEmail] = useState('')
  const demo = useSignIn('demo')
  useTitle(way === 'sign-up' ? 'Make an account' : way === 'sign-in' ? 'Sign in' : 'Forgotten password')
  return (
    <Door
      form={
        way === 'forgotten' ? (
          <Forgotten
            email={email}
            offered={resetOffered}
            demo={demoOffered}
            onEmail={setEmail}
            onClose={() => setWay('sign-in')}
          />
        ) : (
          <EnterForm
            key={way}
            joining={way === 'sign-up'}
            quiet={demoOffered}
            email={email}
            onEmail={setEmail}
            onJoining={(joining) => setWay(joining ? 'sign-up' : 'sign-in')}
            onForgotten={() => setWay('forgotten')}
          />
        )
      }
    >
      {demoOffered && (
        <div>
          <button
            type="button"
            className="btn btn-primary"
            disabled={demo.isPending}
            onClick={() => demo.mutate({ email: '', password: '' })}
          >
            {demo.isPending ? 'Laying the desk…' : 'Try the demo desk'}
          </button>
          <p className="mt-2 text-sm text-soft">
            A desk of your own for a day, with two untidy papers from Brackwater College ready to be put
            right.
          </p>
          {demo.error && <Notice message={demo.error.message} />}
        </div>
      )}
    </Door>
  )
}

function EnterForm({
  joining,
  quiet,
  email,
  onEmail,
  onJoining,
  onForgotten,
}: {
  joining: boolean
  /** Whether something else on the page is pressed first. */
  quiet: boolean
  email: string
  onEmail: (email: string) => void
  onJoining: (joining: boolean) => void
  onForgotten: () => void
}) {
  const [password, setPassword] = useState('')
  const enter = useSignIn(joining ? 'sign-up' : 'sign-in')
  const submit = (event: SubmitEvent) => {
    event.preventDefault()
    enter.mutate({ email, password })
  }
  return (
    <form onSubmit={submit} className="flex flex-col gap-4">
      <h2 className="text-xl">{joining ? 'Make an account' : 'Sign in'}</h2>
      <TextField
        label="E-mail address"
        type="email"
        required
        autoComplete="email"
        value={email}
        onText={onEmail}
      />
      <PasswordField
        label="Password"
        {...(joining && { hint: 'At least 10 characters.', minLength: 10 })}
        required
        autoComplete={joining ? 'new-password' : 'current-password'}
        value={password}
        onText={setPassword}
      />
      {enter.error && <Notice message={enter.error.message} />}
      <button
        type="submit"
        className={quiet ? 'btn btn-quiet' : 'btn btn-primary'}
        disabled={enter.isPending}
      >
        {joining ? 'Make the account' : 'Sign in'}
      </button>
      <div className="flex justify-between gap-3 text-sm">
        <button type="button" className="pencil-link" onClick={() => onJoining(!joining)}>
          {joining ? 'I have an account' : 'Make an account'}
        </button>
        {!joining && (
          <button type="button" className="pencil-link" onClick={onForgotten}>
            Forgotten?
          </button>
        )}
      </div>
    </form>
  )
}
