import { Columns, Remarks } from './Columns'
import { Tick } from './Tick'
import type { FigureWish, MadeFigure } from './useFigure'

const KINDS: Record<string, string> = {
  bars: 'Bars',
  points: 'Points joined by lines',
  counts: 'Counts, as bars',
  scatter: 'Scatter plot of two measures',
}
const SPREADS: Record<string, string> = {
  interval: '95% confidence intervals',
  error: 'standard errors',
  deviation: 'standard deviations',
  none: 'left out',
}

/** What the cells were taken for, how they are drawn, and what can be said otherwise. */
export function Drawing({
  made,
  wish,
  onWish,
}: {
  made: MadeFigure
  wish: FigureWish
  onWish: (wish: FigureWish) => void
}) {
  return (
    <section aria-labelledby="drawn" className="flex flex-col gap-4">
      <div>
        <h2 id="drawn" className="border-b border-base-content text-lg">
          Taken for
        </h2>
        <p className="mt-2 text-[15px] text-soft">{made.because}</p>
      </div>
      {made.possible.length > 1 && (
        <label className="flex flex-col gap-1">
          Drawn as
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
      {made.spreads.length > 1 && (
        <label className="flex flex-col gap-1">
          Error bars
          <select
            className="select w-full"
            value={made.spread}
            onChange={({ target }) => onWish({ ...wish, spread: target.value })}
          >
            {made.spreads.map((spread) => (
              <option key={spread} value={spread}>
                {SPREADS[spread] ?? spread}
              </option>
            ))}
          </select>
        </label>
      )}
      {made.kind === 'scatter' && (
        <div className="flex flex-col gap-2">
          <Tick name="A line of least squares" on={wish.line} onTick={(line) => onWish({ ...wish, line })} />
          <Tick
            name="The measures change their axes"
            on={wish.turned}
            onTick={(turned) => onWish({ ...wish, turned })}
          />
        </div>
      )}
      <Columns columns={made.columns} raw={made.raw} onRoles={(roles) => onWish({ ...wish, roles })} />
      <Remarks remarks={made.remarks} />
    </section>
  )
}
