/** Something wanted or not. */
export function Tick({ name, on, onTick }: { name: string; on: boolean; onTick: (on: boolean) => void }) {
  return (
    <label className="flex items-center gap-2">
      <input
        type="checkbox"
        className="checkbox checkbox-sm"
        checked={on}
        onChange={({ target }) => onTick(target.checked)}
      />
      {name}
    </label>
  )
}
