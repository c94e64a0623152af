import { type SubmitEvent, useState } from 'react'
import { useNavigate } from 'react-router'
import { Dialog } from '../ui/Dialog'
import { Notice } from '../ui/Notice'
import { TextField } from '../ui/TextField'
import { fileNameOf, saveNewPaper } from './files'
import { type Brief, useSetUp } from './useBrief'

/** A new paper of the brief: to download, or to lie on the desk. */
export function SetUpDialog({ brief, onClose }: { brief: Brief; onClose: () => void }) {
  const navigate = useNavigate()
  const setUp = useSetUp()
  const [samples, setSamples] = useState(true)
  const [name, setName] = useState(() => fileNameOf(brief))
  const [saved, setSaved] = useState('')
  const [problem, setProblem] = useState<Error | null>(null)
  const fileName = name.toLowerCase().endsWith('.docx') ? name : `${name}.docx`
  const lay = () =>
    setUp.mutate({ brief, samples, fileName }, { onSuccess: (id) => void navigate(`/papers/${id}`) })
  const submit = (event: SubmitEvent) => {
    event.preventDefault()
    setProblem(null)
    saveNewPaper(brief, samples, fileName).then(
      () => setSaved(fileName),
      (error: unknown) => setProblem(error instanceof Error ? error : new Error('No file came.')),
    )
  }
  return (
    <Dialog title="Set up a paper" onClose={onClose}>
      <form onSubmit={submit} className="flex flex-col gap-4">
        <p className="text-soft">
          A .docx with every part in its place, to write into. What is still unknown stands in brackets and
          waits for your own words.
        </p>
        <label className="flex items-start gap-3">
          <input
            type="checkbox"
            className="checkbox checkbox-sm mt-1"
            checked={samples}
            onChange={(event) => setSamples(event.target.checked)}
          />
          <span>
            With sample headings, entries and an appendix
            <span className="block text-sm text-soft">to type over, or to take out</span>
          </span>
        </label>
        <TextField label="Name of the file" required maxLength={120} value={name} onText={setName} />
        {saved && (
          <p role="status" className="border-l-3 border-base-content bg-base-200 px-3 py-2">
            {saved} is in your downloads.
          </p>
        )}
        {(problem ?? setUp.error) && <Notice message={(problem ?? setUp.error)?.message ?? ''} />}
        <div className="flex flex-wrap justify-end gap-3">
          <button type="button" className="btn btn-quiet" onClick={onClose}>
            Close
          </button>
          <button type="button" className="btn btn-quiet" disabled={setUp.isPending} onClick={lay}>
            {setUp.isPending ? 'Laying it…' : 'Lay it on the desk'}
          </button>
          <button type="submit" className="btn btn-primary">
            Download
          </button>
        </div>
      </form>
    </Dialog>
  )
}
