import { type ChangeEvent, type ClipboardEvent, type DragEvent, useState } from 'react'

/** Where cells come in: pasted, typed, dropped or chosen as a file. */
export function Source({
  busy,
  onRead,
}: {
  busy: boolean
  onRead: (source: File | { text: string; html: string }) => void
}) {
  const [text, setText] = useState('')
  const [over, setOver] = useState(false)
  const paste = (event: ClipboardEvent) => {
    const html = event.clipboardData.getData('text/html')
    const plain = event.clipboardData.getData('text/plain')
    if (text.trim() === '' && (html.includes('<table') || plain.includes('\t'))) {
      event.preventDefault()
      onRead({ text: plain, html })
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
        Paste or type the cells
        <textarea
          className={`textarea min-h-60 w-full border-soft bg-base-100 font-mono text-sm ${over ? 'outline-2 outline-primary' : ''}`}
          placeholder={'Harbour\tInterval\nNorth\t4.1\nSouth\t3.6'}
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
        <span className="text-sm text-soft">
          Printed output of a statistics program, cells of a spreadsheet, or raw numbers with a person a row.
          Cells may be parted by tabs, semicolons, commas or runs of spaces.
        </span>
      </label>
      <div className="flex flex-wrap gap-3">
        <button
          type="button"
          className="btn btn-primary"
          disabled={busy || text.trim() === ''}
          onClick={() => onRead({ text, html: '' })}
        >
          {busy ? 'Reading the cells…' : 'Make a table of it'}
        </button>
        <label className="btn btn-quiet cursor-pointer focus-within:outline-2 focus-within:outline-primary">
          Choose a file: .xlsx, .csv, .tsv, .html
          <input
            type="file"
            accept=".xlsx,.csv,.tsv,.txt,.html,.htm,text/csv,text/plain,text/html"
            className="sr-only"
            onChange={choose}
          />
        </label>
      </div>
    </div>
  )
}
