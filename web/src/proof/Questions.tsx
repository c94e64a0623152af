import { useState } from 'react'
import { Dialog } from '../ui/Dialog'
import { isOpen } from './choice'
import { WordChanges } from './ConsentDialog'
import { StetForm } from './StetForm'
import { type Paper, type Place, type Reading, type Station, useWords } from './useProof'

/** One place of one reading that waits for the writer's answer. */
export interface Question {
  reading: Reading
  place: Place
}

const idOf = ({ reading, place }: Question) => `${reading.key}#${place.anchor}`

/** All that only the writer can answer and a put-right can then do, in order of work. */
export function questionsOf(stations: Station[]): Question[] {
  return stations
    .flatMap((station) => station.readings.filter(isOpen))
    .flatMap((reading) =>
      reading.places
        .filter((place) => reading.mendable && place.fix === 'ask')
        .map((place) => ({ reading, place })),
    )
}

/** The open questions, one after the other, each with what would change; an answer brings the next. */
export function Questions({
  paper,
  stations,
  busy,
  problem,
  onShow,
  onPutRight,
  onStet,
  onClose,
}: {
  paper: Paper
  stations: Station[]
  busy: boolean
  problem: Error | null
  /** Brings the place of a question into sight. */
  onShow: (question: Question) => void
  onPutRight: (question: Question) => void
  onStet: (reading: Reading, reason: string) => void
  onClose: () => void
}) {
  const [later, setLater] = useState<ReadonlySet<string>>(new Set())
  const [letting, setLetting] = useState(false)
  const open = questionsOf(stations)
  const left = open.filter((each) => !later.has(idOf(each)))
  const question = left[0]
  const words = useWords(paper, question?.reading.key, question?.place.anchor)
  if (!question) {
    return (
      <Dialog title="Questions" onClose={onClose}>
        <p>
          {open.length === 0
            ? 'No question is open.'
            : `You put ${open.length === 1 ? 'one question' : `${open.length} questions`} off; they stay open.`}
        </p>
        <div className="mt-4 flex justify-end">
          <button type="button" className="btn btn-primary" onClick={onClose}>
            Back to the desk
          </button>
        </div>
      </Dialog>
    )
  }
  const { reading, place } = question
  return (
    <Dialog title={left.length === 1 ? 'The last question' : `${left.length} questions`} onClose={onClose}>
      <p className="text-sm text-soft">
        {reading.name}, page {place.page}
        {place.quote && <>: “{place.quote}”</>}
      </p>
      <p className="mt-1 text-[17px] leading-snug">{reading.message}</p>
      <p className="mt-1 text-sm text-soft">{reading.why}</p>
      {words.data && words.data.length > 0 && <WordChanges words={words.data} />}
      {words.data?.length === 0 && <p className="mt-2 text-sm text-soft">No word would change.</p>}
      {problem && (
        <p role="alert" className="mt-3">
          {problem.message}
        </p>
      )}
      {letting ? (
        <StetForm
          name={reading.name}
          busy={busy}
          onStet={(reason) => {
            setLetting(false)
            onStet(reading, reason)
          }}
          onClose={() => setLetting(false)}
        />
      ) : (
        <div className="mt-4 flex flex-wrap justify-end gap-3">
          <button type="button" className="btn btn-quiet" onClick={() => onShow(question)}>
            Show the place
          </button>
          <button
            type="button"
            className="btn btn-quiet"
            disabled={busy}
            onClick={() => setLater(new Set([...later, idOf(question)]))}
          >
            Later
          </button>
          <button type="button" className="btn btn-quiet" disabled={busy} onClick={() => setLetting(true)}>
            Let it stand
          </button>
          <button
            type="button"
            className="btn btn-primary"
            disabled={busy}
            onClick={() => onPutRight(question)}
          >
            Put right here
          </button>
        </div>
      )}
    </Dialog>
  )
}
