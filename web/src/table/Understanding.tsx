import { Choose } from './Choose'
import { TakenFor } from './TakenFor'
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
    <TakenFor made={made} onRoles={(roles) => onWish({ ...wish, roles })}>
      <Choose
        label="The table tells"
        value={made.kind}
        possible={made.possible}
        names={KINDS}
        onChoose={(kind) => onWish({ ...wish, kind })}
      />
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
    </TakenFor>
  )
}
