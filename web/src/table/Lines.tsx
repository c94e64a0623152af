/** A field of several lines. */
export function Lines({
  label,
  rows,
  text,
  onText,
}: {
  label: string
  rows: number
  text: string
  onText: (text: string) => void
}) {
  return (
    <label className="flex flex-col gap-1">
      {label}
      <textarea
        className="textarea min-h-11 w-full border-soft bg-base-100"
        rows={rows}
        value={text}
        onChange={({ target }) => onText(target.value)}
      />
    </label>
  )
}
