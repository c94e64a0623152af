import { Link } from 'react-router'
import { Key } from '../ui/Key'
import { Wordmark } from '../ui/Wordmark'
import { ordinal } from './ordinal'
import type { Paper } from './useProof'

/** The head of the proof: which paper, which proof, and the commands for the whole of it. */
export function ProofHeader({
  paper,
  safe,
  busy,
  comparing,
  telling,
  questions,
  onQuestions,
  onCompare,
  onParts,
  onUndo,
  onRedo,
  onHandIn,
  onPutAllRight,
}: {
  paper: Paper
  /** How many readings can be put right. */
  safe: number
  busy: boolean
  comparing: boolean
  /** Whether the parts are looked at. */
  telling: boolean
  /** How many places wait for the writer's answer. */
  questions: number
  onQuestions: () => void
  onCompare: () => void
  onParts: () => void
  onUndo: () => void
  onRedo: () => void
  onHandIn: () => void
  onPutAllRight: () => void
}) {
  const proof = paper.proofs.at(-1)?.number ?? 1
  return (
    <header className="flex min-h-[52px] flex-wrap items-center gap-x-4 gap-y-2 border-b border-rule px-4 py-1">
      <Link to="/papers" aria-label="Grintel, back to your papers">
        <Wordmark />
      </Link>
      <div className="min-w-0 flex-1 border-l border-rule pl-4">
        <h1 className="truncate text-[17px] leading-tight">{paper.title}</h1>
        <p className="truncate text-[13px] leading-tight text-soft">
          {ordinal(proof)} proof · {paper.guide} · {paper.pages} {paper.pages === 1 ? 'page' : 'pages'}
          {paper.step > 0 && ` · ${paper.step} ${paper.step === 1 ? 'step' : 'steps'} since it was brought`}
        </p>
      </div>
      <div className="flex flex-wrap gap-2">
        {questions > 0 && (
          <button type="button" className="btn btn-quiet" disabled={busy} onClick={onQuestions}>
            Questions · {questions} <Key name="Q" />
          </button>
        )}
        <button type="button" className="btn btn-quiet" aria-pressed={telling} onClick={onParts}>
          Parts <Key name="T" />
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
        <button
          type="button"
          className={safe > 0 ? 'btn btn-quiet' : 'btn btn-primary'}
          disabled={busy}
          onClick={onHandIn}
        >
          Hand in <Key name="H" />
        </button>
        {safe > 0 && (
          <button type="button" className="btn btn-primary" disabled={busy} onClick={onPutAllRight}>
            Put right all that is safe · {safe}
          </button>
        )}
      </div>
    </header>
  )
}
