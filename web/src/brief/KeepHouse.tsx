import { useState } from 'react'
import { Notice } from '../ui/Notice'
import { TextField } from '../ui/TextField'
import type { House } from './house'
import type { Brief } from './useBrief'
import { useLibrary, useLibraryChanges } from './useLibrary'

/** Keeps the house rules of a brief in the library, and lays those of the library over it. */
export function KeepHouse({ brief, onHouse }: { brief: Brief; onHouse: (house: House) => void }) {
  const library = useLibrary()
  const { keep } = useLibraryChanges()
  const [kept, setKept] = useState('')
  const { house } = brief
  const some = house !== undefined && Object.keys(house.rules).length > 0
  const sets = library.data ?? []
  return (
    <div className="flex flex-col gap-3">
      {sets.length > 0 && (
        <label className="flex flex-col gap-1 text-sm">
          Take from the library
          <select
            className="select select-sm"
            value=""
            onChange={(event) => {
              const chosen = sets.find(({ id }) => id === event.target.value)
              if (chosen) {
                onHouse(chosen.house)
              }
            }}
          >
            <option value="">choose a set…</option>
            {sets.map(({ id, house: { name } }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
      )}
      {some && (
        <div className="flex items-end gap-3">
          <TextField
            label="Called"
            maxLength={100}
            value={house.name}
            onText={(name) => onHouse({ ...house, name })}
          />
          <button
            type="button"
            className="btn btn-quiet"
            disabled={keep.isPending}
            onClick={() =>
              keep.mutate({ guide: brief.guide, house }, { onSuccess: (set) => setKept(set.house.name) })
            }
          >
            Keep in the library
          </button>
        </div>
      )}
      {kept && !keep.isPending && (
        <p role="status" className="text-sm text-soft">
          “{kept}” is in the library.
        </p>
      )}
      {keep.error && <Notice message={keep.error.message} />}
    </div>
  )
}
