import { useMutation, useQueryClient } from '@tanstack/react-query'
import { type SubmitEvent, useState } from 'react'
import { api } from '../api/client'
import { Notice } from '../ui/Notice'
import { PasswordField } from '../ui/PasswordField'
import { useTitle } from '../ui/useTitle'
import { changeSettings, type Settings, useSettings } from '../ui/settings'
import { useSession } from './useSession'

/** A person's own settings, password and account. */
export function SettingsPage() {
  const person = useSession().data?.person
  useTitle('Settings')
  if (!person) {
    return null
  }
  return (
    <main className="mx-auto flex w-full max-w-[720px] flex-col gap-8 p-8 max-sm:p-4">
      <h1 className="text-3xl">Settings</h1>
      <SettingsForm />
      {person.demo ? (
        <p className="text-soft">
          This desk is a visitor’s. It has no password, and is cleared a day after it was opened; what you
          hand in until then is yours.
        </p>
      ) : (
        <>
          <p className="border-t border-rule pt-5 [overflow-wrap:anywhere]">
            <span className="text-soft">Account</span> {person.email}
          </p>
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
    <section aria-label="The desk" className="flex flex-col gap-3 border-t border-rule pt-5">
      <h2 className="text-xl">The desk</h2>
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
      <label className="flex items-center justify-between gap-4">
        The line that explains the strokes
        <input
          type="checkbox"
          className="checkbox"
          checked={settings.legend}
          onChange={(event) => changeSettings({ legend: event.target.checked })}
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
      <PasswordField
        label="Present password"
        required
        autoComplete="current-password"
        value={current}
        onText={setCurrent}
      />
      <PasswordField
        label="New password, at least 10 characters"
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
      <PasswordField
        label="Password"
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
