import { Link } from 'react-router'
import { Key } from '../ui/Key'
import { Wordmark } from '../ui/Wordmark'
import { ordinal } from './ordinal'
import type { Paper } from './useProof'

/** The head of the proof: which paper, which proof, and the commands for the whole of it. */
export function ProofHeader({
  paper,
  busy,
  comparing,
  telling,
  beside,
  onCompare,
  onParts,
  onBeside,
  onUndo,
  onRedo,
  onFacts,
  onHandIn,
}: {
  paper: Paper
  busy: boolean
  comparing: boolean
  /** Whether the parts are looked at. */
  telling: boolean
  /** Whether the specimen is held beside it. */
  beside: boolean
  onCompare: () => void
  onParts: () => void
  onBeside: () => void
  onUndo: () => void
  onRedo: () => void
  onFacts: () => void
  onHandIn: () => void
}) {
  const proof = paper.proofs.at(-1)?.number ?? 1
  return (
    <header className="flex min-h-[52px] flex-wrap items-center gap-x-4 gap-y-2 border-b border-rule px-4 py-1 print:hidden">
      <Link to="/papers" aria-label="Grintel, back to your papers">
        <Wordmark />
      </Link>
      <div className="min-w-48 flex-1 border-l border-rule pl-4 max-sm:order-last max-sm:basis-full max-sm:border-l-0 max-sm:pl-0">
        <h1 className="truncate text-[17px] leading-tight" title={paper.title} dir="auto">
          {paper.title}
        </h1>
        <p className="truncate text-[13px] leading-tight text-soft">
          {ordinal(proof)} proof ·{' '}
          <button type="button" className="underline hover:text-base-content" onClick={onFacts}>
            {paper.guide}
          </button>{' '}
          · {paper.pages} {paper.pages === 1 ? 'page' : 'pages'}
          {paper.step > 0 && ` · ${paper.step} ${paper.step === 1 ? 'step' : 'steps'} since it was brought`}
        </p>
      </div>
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn btn-quiet" aria-pressed={telling} onClick={onParts}>
          Parts <Key name="T" />
        </button>
        <button type="button" className="btn btn-quiet" aria-pressed={beside} onClick={onBeside}>
          Specimen <Key name="M" />
        </button>
        <button type="button" className="btn btn-quiet" aria-pressed={comparing} onClick={onCompare}>
          Before and after <Key name="B" />
        </button>
        <button
          type="button"
          className="btn btn-quiet"
          disabled={!paper.undo || busy}
          onClick={onUndo}
          title={paper.undo && `Take back: ${paper.undo}`}
        >
          Undo <Key name="U" />
        </button>
        <button
          type="button"
          className="btn btn-quiet"
          disabled={!paper.redo || busy}
          onClick={onRedo}
          title={paper.redo && `Bring back: ${paper.redo}`}
        >
          Redo <Key name="R" />
        </button>
        <button type="button" className="btn btn-quiet" disabled={busy} onClick={onHandIn}>
          Hand in <Key name="H" />
        </button>
      </div>
    </header>
  )
}
