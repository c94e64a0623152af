import { type SubmitEvent, useState } from 'react'
import { Dialog } from '../ui/Dialog'
import { TextField } from '../ui/TextField'

/** Asks for a page to go to. */
export function GoToPage({
  pages,
  onGo,
  onClose,
}: {
  pages: number
  onGo: (page: number) => void
  onClose: () => void
}) {
  const [page, setPage] = useState('')
  const submit = (event: SubmitEvent) => {
    event.preventDefault()
    onGo(Math.max(1, Math.min(pages, Number(page))))
  }
  return (
    <Dialog title="Go to a page" onClose={onClose}>
      <form onSubmit={submit} className="flex items-end gap-3">
        <TextField
          label={`Page, 1 to ${pages}`}
          type="number"
          min={1}
          max={pages}
          required
          value={page}
          onText={setPage}
        />
        <button type="submit" className="btn btn-primary">
          Go
        </button>
      </form>
    </Dialog>
  )
}
