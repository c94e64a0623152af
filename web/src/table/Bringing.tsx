import { useState } from 'react'
import { useNavigate } from 'react-router'
import type { Work } from '../api/work'
import { usePaper } from '../proof/useProof'
import { Notice } from '../ui/Notice'
import { type Coming, type Kind, type Places, useBringing } from './useTable'

/** Into the paper: after which paragraph, and whether that is to name it. */
export function Bringing({
  kind,
  paper,
  title,
  places,
  place,
  onPlace,
  start,
}: {
  kind: Kind
  paper: string
  /** Its title without signs of slant; nothing comes in without one. */
  title: string
  places: Places
  place: Places['places'][number]
  onPlace: (paragraph: number) => void
  start: (coming: Coming) => Promise<Work>
}) {
  const name = kind === 'table' ? 'Table' : 'Figure'
  const [mention, setMention] = useState(true)
  const shown = usePaper(paper)
  const navigate = useNavigate()
  const bringing = useBringing(start)
  return (
    <div className="flex flex-col gap-3">
      {bringing.error && <Notice message={bringing.error.message} onClose={() => bringing.reset()} />}
      <label className="flex flex-col gap-1">
        After the paragraph
        <select
          className="select w-full"
          value={place.paragraph}
          onChange={({ target }) => onPlace(Number(target.value))}
        >
          {places.places.map((each) => (
            <option key={each.paragraph} value={each.paragraph}>
              p. {each.page}: {each.words}
            </option>
          ))}
        </select>
      </label>
      {place.named ? (
        <p className="text-[15px] text-soft">
          The text names {name} {place.number} already.
        </p>
      ) : (
        <label className="flex items-baseline gap-2">
          <input
            type="checkbox"
            className="checkbox checkbox-sm translate-y-0.5"
            checked={mention}
            onChange={({ target }) => setMention(target.checked)}
          />
          <span>
            Add “{place.mention.trim()}” at the end of that paragraph, since the text does not name the {kind}{' '}
            yet
          </span>
        </label>
      )}
      <p>
        <button
          type="button"
          className="btn btn-primary"
          disabled={bringing.isPending || !shown.data || title.trim() === ''}
          onClick={() =>
            bringing.mutate(
              {
                revision: shown.data?.revision ?? 0,
                paragraph: place.paragraph,
                mention: mention && !place.named,
              },
              { onSuccess: () => void navigate(`/papers/${paper}`) },
            )
          }
        >
          {bringing.isPending ? 'Bringing it in…' : `Bring it in as ${name} ${place.number}`}
        </button>
        {title.trim() === '' && <span className="ml-3 text-soft">It needs a title first.</span>}
      </p>
    </div>
  )
}
