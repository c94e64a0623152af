import type { House } from './house'
import { useLibrary } from './useLibrary'

const NONE = ''
const OWN = 'own'

/** Which house rules a paper is judged by: none, those it has, or a set of the library. */
export function HouseChoice({
  house,
  onHouse,
}: {
  house: House | undefined
  onHouse: (house: House | undefined) => void
}) {
  const library = useLibrary()
  const sets = library.data ?? []
  const same = sets.find((set) => JSON.stringify(set.house) === JSON.stringify(house))
  const foreign = house && !same
  return (
    <label className="flex flex-col gap-1">
      House rules
      <select
        className="select"
        value={foreign ? OWN : (same?.id ?? NONE)}
        onChange={({ target }) => {
          if (target.value !== OWN) {
            onHouse(sets.find(({ id }) => id === target.value)?.house)
          }
        }}
      >
        <option value={NONE}>none: the guide as it is</option>
        {foreign && <option value={OWN}>{house.name}</option>}
        {sets.map(({ id, house: { name } }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  )
}
