/** One of several, by name. */
export function Choose({
  label,
  value,
  possible,
  names,
  onChoose,
}: {
  label: string
  value: string
  possible: string[]
  names: Record<string, string>
  onChoose: (value: string) => void
}) {
  if (possible.length < 2) {
    return null
  }
  return (
    <label className="flex flex-col gap-1">
      {label}
      <select className="select w-full" value={value} onChange={({ target }) => onChoose(target.value)}>
        {possible.map((each) => (
          <option key={each} value={each}>
            {names[each] ?? each}
          </option>
        ))}
      </select>
    </label>
  )
}
