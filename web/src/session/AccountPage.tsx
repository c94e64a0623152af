import { useMutation, useQueryClient } from '@tanstack/react-query'
import { type SubmitEvent, useState } from 'react'
import { api } from '../api/client'
import { Notice } from '../ui/Notice'
import { TextField } from '../ui/TextField'
import { changeSettings, type Settings, useSettings } from '../ui/settings'
import { useSession } from './useSession'

/** A person's own settings, password and account. */
export function AccountPage() {
  const person = useSession().data?.person
  if (!person) {
    return null
  }
  return (
    <main className="mx-auto flex w-full max-w-[720px] flex-col gap-8 p-8">
      <div>
        <h1 className="text-3xl">Account</h1>
        <p className="text-soft">{person.email}</p>
      </div>
      <SettingsForm />
      {person.demo ? (
        <p className="text-soft">
          The demo account is everybody’s, so it has no password to change and is not closed.
        </p>
      ) : (
        <>
          <PasswordForm />
          <CloseForm />
        </>
      )}
    </main>
  )
}

function SettingsForm() {
  const settings = useSettings()
  return (
    <section className="flex flex-col gap-3 border-t border-rule pt-5">
      <h2 className="text-xl">Settings</h2>
      <label className="flex items-center justify-between gap-4">
        Lengths in
        <select
          className="select max-w-52"
          value={settings.units}
          onChange={(event) => changeSettings({ units: event.target.value as Settings['units'] })}
        >
          <option value="inches">inches</option>
          <option value="centimetres">centimetres</option>
        </select>
      </label>
      <label className="flex items-center justify-between gap-4">
        Light
        <select
          className="select max-w-52"
          value={settings.theme}
          onChange={(event) => changeSettings({ theme: event.target.value as Settings['theme'] })}
        >
          <option value="system">as the system has it</option>
          <option value="desk">day</option>
          <option value="desk-dark">night</option>
        </select>
      </label>
      <label className="flex items-center justify-between gap-4">
        Single-letter keys on the proof
        <input
          type="checkbox"
          className="checkbox"
          checked={settings.singleKeys}
          onChange={(event) => changeSettings({ singleKeys: event.target.checked })}
        />
      </label>
    </section>
  )
}

function PasswordForm() {
  const [current, setCurrent] = useState('')
  const [next, setNext] = useState('')
  const change = useMutation({
    mutationFn: () => api.PUT('/api/account/password', { body: { current, next } }),
    onSuccess: () => {
      setCurrent('')
      setNext('')
    },
  })
  const submit = (event: SubmitEvent) => {
    event.preventDefault()
    change.mutate()
  }
  return (
    <form onSubmit={submit} className="flex flex-col gap-3 border-t border-rule pt-5">
      <h2 className="text-xl">Password</h2>
      <TextField
        label="Present password"
        type="password"
        required
        autoComplete="current-password"
        value={current}
        onText={setCurrent}
      />
      <TextField
        label="New password, at least 10 characters"
        type="password"
        required
        minLength={10}
        autoComplete="new-password"
        value={next}
        onText={setNext}
      />
      {change.error && <Notice message={change.error.message} />}
      {change.isSuccess && <p role="status">The password is changed.</p>}
      <button type="submit" className="btn btn-quiet self-start" disabled={change.isPending}>
        Change the password
      </button>
    </form>
  )
}

function CloseForm() {
  const client = useQueryClient()
  const [password, setPassword] = useState('')
  const close = useMutation({
    mutationFn: () => api.POST('/api/account/closing', { body: { password } }),
    onSuccess: () => {
      client.clear()
      window.location.assign('/')
    },
  })
  const submit = (event: SubmitEvent) => {
    event.preventDefault()
    close.mutate()
  }
  return (
    <form onSubmit={submit} className="flex flex-col gap-3 border-t border-rule pt-5">
      <h2 className="text-xl">Close the account</h2>
      <p className="text-soft">
        All papers with all their proofs are deleted with it. This cannot be undone.
      </p>
      <TextField
        label="Password"
        type="password"
        required
        autoComplete="current-password"
        value={password}
        onText={setPassword}
      />
      {close.error && <Notice message={close.error.message} />}
      <button type="submit" className="btn btn-grave self-start" disabled={close.isPending}>
        Close the account
      </button>
    </form>
  )
}
