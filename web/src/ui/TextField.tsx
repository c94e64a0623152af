import type { InputHTMLAttributes } from 'react'

/** A field with its label above it, and a hint below where there is one. */
export function TextField({
  label,
  hint,
  value,
  onText,
  ...input
}: Omit<InputHTMLAttributes<HTMLInputElement>, 'value' | 'onChange'> & {
  label: string
  hint?: string
  value: string
  onText: (text: string) => void
}) {
  return (
    <label className="flex flex-1 flex-col gap-1">
      {label}
      <input className="input" value={value} onChange={(event) => onText(event.target.value)} {...input} />
      {hint && <span className="text-sm text-soft">{hint}</span>}
    </label>
  )
}
