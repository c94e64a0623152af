import {
  beginsPart,
  type Line,
  restored,
  rolesOf,
  withPart,
  withReversed,
  withRole,
  withWords,
} from './lines'

/** Each line with what it was taken for, what was taken out of it and why, and how to say otherwise. */
export function LineList({ lines, onLines }: { lines: Line[]; onLines: (lines: Line[]) => void }) {
  return (
    <ol className="max-h-[34rem] overflow-y-auto border-t border-base-content">
      {lines.map((line, index) => {
        const begins = beginsPart(lines, index)
        const gone = line.role === 'out'
        return (
          <li
            key={index}
            className={`grid grid-cols-[10.5rem_1fr] gap-x-3 ${line.picture && !gone ? 'items-center' : 'items-baseline'} border-b border-rule py-1.5 pr-1 [contain-intrinsic-size:auto_48px] [content-visibility:auto] max-sm:grid-cols-1 ${begins ? 'border-t-2 border-t-base-content' : ''}`}
          >
            <select
              className="select select-sm w-full"
              aria-label={`Line ${index + 1} is`}
              value={line.role}
              onChange={({ target }) => onLines(withRole(lines, index, target.value))}
            >
              {rolesOf(line).map(([id, name]) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
            <div className="min-w-0">
              {line.picture && !gone ? (
                <PictureLine line={line} onWords={(words) => onLines(withWords(lines, index, words))} />
              ) : (
                <p dir="auto" className={`[overflow-wrap:anywhere] ${gone ? 'text-soft line-through' : ''}`}>
                  {gone ? line.typed : line.words}
                  {line.reversed && ' (R)'}
                </p>
              )}
              <p className="flex flex-wrap gap-x-4 text-sm text-soft">
                {(line.why ?? []).length > 0 && (
                  <span>
                    Taken out: {(line.why ?? []).join(', ')}.{' '}
                    <button
                      type="button"
                      className="pencil-link"
                      onClick={() => onLines(restored(lines, index))}
                    >
                      Put back
                    </button>
                  </span>
                )}
                {line.role === 'item' && (
                  <label className="flex items-center gap-1.5">
                    <input
                      type="checkbox"
                      className="checkbox checkbox-xs"
                      checked={line.reversed}
                      onChange={({ target }) => onLines(withReversed(lines, index, target.checked))}
                    />
                    scored in reverse
                  </label>
                )}
                {index > 0 && line.role === 'heading' && (
                  <label className="flex items-center gap-1.5">
                    <input
                      type="checkbox"
                      className="checkbox checkbox-xs"
                      checked={begins}
                      onChange={({ target }) => onLines(withPart(lines, index, target.checked))}
                    />
                    begins an appendix
                  </label>
                )}
              </p>
            </div>
          </li>
        )
      })}
    </ol>
  )
}

/** A picture that comes along, and what it is called under its number. */
function PictureLine({ line, onWords }: { line: Line; onWords: (words: string) => void }) {
  return (
    <div className="flex items-center gap-3">
      <img
        src={line.picture?.data ?? ''}
        alt=""
        className="h-12 w-16 flex-none border border-rule object-contain"
      />
      <label className="min-w-0 flex-1">
        <span className="block text-sm text-soft">What it shows: its title, and for who cannot see it</span>
        <input
          dir="auto"
          className="input input-sm w-full"
          value={line.words}
          onChange={({ target }) => onWords(target.value)}
        />
      </label>
    </div>
  )
}
