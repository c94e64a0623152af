import { type SubmitEvent, useEffect, useRef, useState } from 'react'

/** Why a finding is to stand as it is. */
export function StetForm({
  name,
  busy,
  onStet,
  onClose,
}: {
  name: string
  busy: boolean
  onStet: (reason: string) => void
  onClose: () => void
}) {
  const [reason, setReason] = useState('')
  const field = useRef<HTMLInputElement>(null)
  useEffect(() => field.current?.focus(), [])
  const submit = (event: SubmitEvent) => {
    event.preventDefault()
    onStet(reason.trim())
  }
  return (
    <form aria-label={`Let stand: ${name}`} className="mt-2 flex flex-col gap-2" onSubmit={submit}>
      <label className="flex flex-col gap-1 text-sm">
        Why it stands
        <input
          ref={field}
          className="input input-sm text-base"
          required
          maxLength={200}
          pattern=".*\S.*"
          title="A word or two is enough"
          placeholder="as the course sample has it"
          value={reason}
          onChange={(event) => setReason(event.target.value)}
          onKeyDown={(event) => event.key === 'Escape' && onClose()}
        />
      </label>
      <div className="flex gap-4">
        <button type="submit" className="pencil-link" disabled={busy || reason.trim() === ''}>
          Let it stand
        </button>
        <button type="button" className="pencil-link" onClick={onClose}>
          Leave it open
        </button>
      </div>
    </form>
  )
}
