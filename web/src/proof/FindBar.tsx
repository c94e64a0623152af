import { useEffect, useRef } from 'react'

/** Looks for words in the paper; stays open while one goes from place to place. */
export function FindBar({
  words,
  count,
  current,
  onWords,
  onMove,
  onClose,
}: {
  words: string
  count: number
  /** Index of the place shown. */
  current: number
  onWords: (words: string) => void
  onMove: (by: 1 | -1) => void
  onClose: () => void
}) {
  const field = useRef<HTMLInputElement>(null)
  useEffect(() => field.current?.focus(), [])
  const told = words.trim().length < 2 ? '' : count === 0 ? 'nowhere' : `${current + 1} of ${count}`
  return (
    <form
      role="search"
      aria-label="Find in the paper"
      className="flex items-center gap-3 border-b border-rule bg-base-100 px-4 py-1.5"
      onSubmit={(event) => {
        event.preventDefault()
        onMove(1)
      }}
    >
      <label className="flex flex-1 items-center gap-2 text-sm text-soft">
        Find
        <input
          ref={field}
          className="input input-sm max-w-80 text-base-content"
          value={words}
          onChange={(event) => onWords(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === 'Escape') {
              onClose()
            } else if (event.key === 'Enter' && event.shiftKey) {
              event.preventDefault()
              onMove(-1)
            }
          }}
        />
      </label>
      <span role="status" className="min-w-16 text-right text-sm">
        {told}
      </span>
      <button type="button" className="pencil-link" disabled={count === 0} onClick={() => onMove(-1)}>
        Previous
      </button>
      <button type="submit" className="pencil-link" disabled={count === 0}>
        Next
      </button>
      <button type="button" className="pencil-link" onClick={onClose}>
        Close
      </button>
    </form>
  )
}
