import type { Made, Wish } from './useTable'

const KINDS: Record<string, string> = {
  plain: 'The cells as they are',
  descriptives: 'Figures of each measure',
  groups: 'Two groups compared',
  pairs: 'Measures compared in pairs',
  anova: 'Several groups compared',
  correlations: 'Correlations',
  crosstab: 'Counts, by two ways of sorting',
  frequencies: 'Frequencies',
  reliability: 'Reliability of a scale',
}
const ROLES: Record<string, string> = { measure: 'Measure', group: 'Group', out: 'Left out' }

/** What the cells were taken for, and what can be said otherwise. */
export function Understanding({
  made,
  wish,
  onWish,
}: {
  made: Made
  wish: Wish
  onWish: (wish: Wish) => void
}) {
  const role = (index: number, value: string) =>
    onWish({ ...wish, roles: made.columns.map((column, at) => (at === index ? value : column.role)) })
  return (
    <section aria-labelledby="taken" className="flex flex-col gap-4">
      <div>
        <h2 id="taken" className="border-b border-base-content text-lg">
          Taken for
        </h2>
        <p className="mt-2 text-[15px] text-soft">{made.because}</p>
      </div>
      {made.possible.length > 1 && (
        <label className="flex flex-col gap-1">
          The table tells
          <select
            className="select w-full"
            value={made.kind}
            onChange={({ target }) => onWish({ ...wish, kind: target.value })}
          >
            {made.possible.map((kind) => (
              <option key={kind} value={kind}>
                {KINDS[kind] ?? kind}
              </option>
            ))}
          </select>
        </label>
      )}
      {made.chooses && (
        <fieldset className="flex flex-col gap-1">
          <legend className="mb-1">Which row of the test stands</legend>
          {(
            [
              ['the check decides', null],
              ['equal variances', true],
              ['unequal variances', false],
            ] as const
          ).map(([name, value]) => (
            <label key={name} className="flex items-center gap-2">
              <input
                type="radio"
                name="variances"
                className="radio radio-sm"
                checked={wish.equalVariances === value}
                onChange={() => onWish({ ...wish, equalVariances: value })}
              />
              {name}
            </label>
          ))}
        </fieldset>
      )}
      {made.kind !== 'plain' && made.kind !== 'frequencies' && made.kind !== 'descriptives' && (
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={wish.asterisks}
            onChange={({ target }) => onWish({ ...wish, asterisks: target.checked })}
          />
          Mark small probabilities with asterisks
        </label>
      )}
      {made.columns.length > 0 && (
        <div>
          <h3 className="border-b border-rule text-base">Columns</h3>
          <ul className="max-h-72 overflow-y-auto">
            {made.columns.map((column, index) => (
              <li key={index} className="flex items-center gap-3 border-b border-rule py-1">
                <span className="min-w-0 flex-1 truncate" title={column.name}>
                  {column.name === '' ? `Column ${index + 1}` : column.name}
                </span>
                {column.possible.length > 1 ? (
                  <select
                    className="select select-sm max-w-28 shrink-0"
                    aria-label={`${column.name === '' ? `Column ${index + 1}` : column.name} is`}
                    value={column.role}
                    onChange={({ target }) => role(index, target.value)}
                  >
                    {column.possible.map((each) => (
                      <option key={each} value={each}>
                        {!made.raw && each === 'measure' ? 'Kept' : (ROLES[each] ?? each)}
                      </option>
                    ))}
                  </select>
                ) : (
                  <span className="w-28 shrink-0 text-sm text-soft">
                    {column.role === 'out' ? 'Left out' : made.raw ? ROLES[column.role] : 'Names of rows'}
                  </span>
                )}
              </li>
            ))}
          </ul>
        </div>
      )}
      {made.remarks.length > 0 && (
        <ul className="border-l-3 border-warning bg-base-200 px-3 py-2 text-[15px]" aria-label="Remarks">
          {made.remarks.map((remark) => (
            <li key={remark}>{remark}</li>
          ))}
        </ul>
      )}
    </section>
  )
}
