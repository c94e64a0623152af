import { Columns, Remarks } from './Columns'
import { Tick } from './Tick'
import type { Made, Wish } from './useTable'

const KINDS: Record<string, string> = {
  plain: 'The cells as they are',
  descriptives: 'Figures of each measure',
  groups: 'Two groups compared',
  pairs: 'Measures compared in pairs',
  anova: 'Several groups compared',
  correlations: 'Correlations',
  coefficients: 'Coefficients of a regression',
  comparisons: 'Pairs of groups, after an analysis of variance',
  crosstab: 'Counts, by two ways of sorting',
  frequencies: 'Frequencies',
  reliability: 'Reliability of a scale',
}

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
        <Tick
          name="Mark small probabilities with asterisks"
          on={wish.asterisks}
          onTick={(asterisks) => onWish({ ...wish, asterisks })}
        />
      )}
      {['descriptives', 'groups', 'pairs'].includes(made.kind) && (
        <Tick
          name="Show 95% confidence intervals"
          on={wish.intervals}
          onTick={(intervals) => onWish({ ...wish, intervals })}
        />
      )}
      <Columns columns={made.columns} raw={made.raw} onRoles={(roles) => onWish({ ...wish, roles })} />
      <Remarks remarks={made.remarks} />
    </section>
  )
}
