import { type ChangeEvent, type ClipboardEvent, type DragEvent, useState } from 'react'

/** What was pasted: as text, and as a page where the clipboard holds one. */
export interface Pasted {
  text: string
  html: string
}

/** Where text comes in: pasted, typed, dropped or chosen as a file. */
export function PasteBox({
  label,
  hint,
  placeholder,
  files,
  accept,
  action,
  busy,
  takes,
  onRead,
}: {
  label: string
  hint: string
  placeholder: string
  /** Which files can be chosen, in words and as the browser has it. */
  files: string
  accept: string
  action: string
  /** What is being done, empty for nothing. */
  busy: string
  /** Whether what is pasted into an empty field is taken at once. */
  takes: (pasted: Pasted) => boolean
  onRead: (source: File | Pasted) => void
}) {
  const [text, setText] = useState('')
  const [over, setOver] = useState(false)
  const paste = (event: ClipboardEvent) => {
    const pasted = {
      text: event.clipboardData.getData('text/plain'),
      html: event.clipboardData.getData('text/html'),
    }
    if (text.trim() === '' && takes(pasted)) {
      event.preventDefault()
      onRead(pasted)
    }
  }
  const drop = (event: DragEvent) => {
    event.preventDefault()
    setOver(false)
    const dropped = event.dataTransfer.files[0]
    if (dropped) {
      onRead(dropped)
    }
  }
  const choose = ({ target }: ChangeEvent<HTMLInputElement>) => {
    const chosen = target.files?.[0]
    target.value = ''
    if (chosen) {
      onRead(chosen)
    }
  }
  return (
    <div className="flex max-w-[52rem] flex-col gap-4">
      <label className="flex flex-col gap-1">
        {label}
        <textarea
          className={`textarea min-h-60 w-full border-soft bg-base-100 ${over ? 'outline-2 outline-primary' : ''}`}
          placeholder={placeholder}
          value={text}
          onPaste={paste}
          onDragOver={(event) => {
            event.preventDefault()
            setOver(true)
          }}
          onDragLeave={() => setOver(false)}
          onDrop={drop}
          onChange={(event) => setText(event.target.value)}
        />
        <span className="text-sm text-soft">{hint}</span>
      </label>
      <div className="flex flex-wrap gap-3">
        <button
          type="button"
          className="btn btn-primary"
          disabled={busy !== '' || text.trim() === ''}
          onClick={() => onRead({ text, html: '' })}
        >
          {busy === '' ? action : busy}
        </button>
        <label className="btn btn-quiet cursor-pointer focus-within:outline-2 focus-within:outline-primary">
          Choose a file: {files}
          <input type="file" accept={accept} className="sr-only" onChange={choose} />
        </label>
      </div>
    </div>
  )
}
