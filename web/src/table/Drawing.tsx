import { Choose } from './Choose'
import { TakenFor } from './TakenFor'
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
    <TakenFor made={made} onRoles={(roles) => onWish({ ...wish, roles })}>
      <Choose
        label="Drawn as"
        value={made.kind}
        possible={made.possible}
        names={KINDS}
        onChoose={(kind) => onWish({ ...wish, kind })}
      />
      <Choose
        label="Error bars"
        value={made.spread}
        possible={made.spreads}
        names={SPREADS}
        onChoose={(spread) => onWish({ ...wish, spread })}
      />
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
    </TakenFor>
  )
}
