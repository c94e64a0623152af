import { type ComponentProps, useState } from 'react'
import { TextField } from './TextField'

/** A field for a password, which can be shown while it is typed. */
export function PasswordField(props: Omit<ComponentProps<typeof TextField>, 'type'>) {
  const [shown, setShown] = useState(false)
  return (
    <div className="relative flex flex-1 flex-col">
      <TextField {...props} type={shown ? 'text' : 'password'} />
      <button
        type="button"
        aria-pressed={shown}
        className="absolute top-0 right-0 text-sm text-soft underline hover:text-base-content"
        onClick={() => setShown(!shown)}
      >
        {shown ? 'Hide' : 'Show'}
        <span className="sr-only"> what is typed as {props.label}</span>
      </button>
    </div>
  )
}
