import { type SubmitEvent, useState } from 'react'
import { HouseChoice } from '../brief/HouseChoice'
import { useGuides } from '../bring/useBring'
import { Dialog } from '../ui/Dialog'
import { Notice } from '../ui/Notice'
import { TextField } from '../ui/TextField'
import { type Facts, type Paper, useFound } from './useProof'

/** Facts beside surname and short title, as they are called in requests and on the screen. */
const MORE: [string, string, string?][] = [
  ['title', 'Title'],
  ['institution', 'Institution'],
  ['department', 'Department'],
  ['course-number', 'Course number'],
  ['course-name', 'Course'],
  ['instructor', 'Instructor'],
  ['date', 'Date', 'date'],
  ['word-limit', 'Most words', 'number'],
  ['page-limit', 'Most pages', 'number'],
]

/** The guide a paper is judged by, and its facts; what is left empty is read off the paper, or not known. */
export function FactsDialog({
  paper,
  busy,
  problem,
  onSave,
  onClose,
}: {
  paper: Paper
  busy: boolean
  problem: Error | null
  onSave: (facts: Facts) => void
  onClose: () => void
}) {
  const guides = useGuides()
  const [facts, setFacts] = useState<Facts>(paper.facts)
  const found = useFound(paper).data
  const submit = (event: SubmitEvent) => {
    event.preventDefault()
    onSave(facts)
  }
  return (
    <Dialog title="Guide and facts of this paper" onClose={onClose}>
      <form onSubmit={submit} className="flex flex-col gap-4">
        <p className="text-soft">
          The paper is measured anew by what you say here; no word of it changes. What stands in grey is read
          off the paper and holds where you say nothing else.
        </p>
        <label className="flex flex-col gap-1">
          Guide
          <select
            className="select"
            value={facts.guide}
            onChange={(event) => setFacts({ ...facts, guide: event.target.value })}
          >
            {(guides.data ?? []).map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <HouseChoice house={facts.house} onHouse={(house) => setFacts({ ...facts, house })} />
        <div className="grid grid-cols-2 gap-4 max-sm:grid-cols-1">
          <TextField
            label="Surname"
            maxLength={200}
            placeholder={found?.surname}
            value={facts.surname}
            onText={(surname) => setFacts({ ...facts, surname })}
          />
          <TextField
            label="Short title"
            maxLength={200}
            placeholder={found?.shortTitle}
            value={facts.shortTitle}
            onText={(shortTitle) => setFacts({ ...facts, shortTitle })}
          />
          {MORE.map(([name, label, type = 'text']) => (
            <TextField
              key={name}
              label={label}
              type={type}
              {...(type === 'number' ? { min: 1, max: 1_000_000 } : { maxLength: 200 })}
              placeholder={found?.more[name]}
              value={facts.more[name] ?? ''}
              onText={(value) => setFacts({ ...facts, more: { ...facts.more, [name]: value } })}
            />
          ))}
        </div>
        {problem && <Notice message={problem.message} />}
        <div className="flex justify-end gap-3">
          <button type="button" className="btn btn-quiet" onClick={onClose}>
            Leave it
          </button>
          <button type="submit" className="btn btn-primary" disabled={busy}>
            {busy ? 'Measuring…' : 'Measure by these'}
          </button>
        </div>
      </form>
    </Dialog>
  )
}
