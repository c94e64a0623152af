import { type DragEvent, useRef, useState } from 'react'

const KINDS = '.docx,.docm,.dotx,application/vnd.openxmlformats-officedocument.wordprocessingml.document'

/** A sheet to drop the file on, or to choose it from. */
export function DropZone({ file, onFile }: { file: File | null; onFile: (file: File) => void }) {
  const input = useRef<HTMLInputElement>(null)
  const [over, setOver] = useState(false)
  const drop = (event: DragEvent) => {
    event.preventDefault()
    setOver(false)
    const dropped = event.dataTransfer.files[0]
    if (dropped) {
      onFile(dropped)
    }
  }
  return (
    // The drop is a convenience for the pointer; the button inside does the same for everybody.
    // eslint-disable-next-line jsx-a11y/no-static-element-interactions
    <div
      onDragOver={(event) => {
        event.preventDefault()
        setOver(true)
      }}
      onDragLeave={() => setOver(false)}
      onDrop={drop}
      className={`flex min-h-44 flex-col items-center justify-center gap-3 rounded-[3px] border border-dashed p-6 text-center ${
        over ? 'border-primary bg-base-200' : 'border-soft'
      }`}
    >
      <p className="font-title text-xl">{file ? file.name : 'Drop your .docx here'}</p>
      <button
        type="button"
        className={file ? 'btn btn-quiet' : 'btn btn-primary'}
        onClick={() => input.current?.click()}
      >
        {file ? 'Choose another file' : 'Choose the file'}
      </button>
      <p className="text-sm text-soft">A .docx of up to 25 MB.</p>
      <input
        ref={input}
        type="file"
        accept={KINDS}
        className="sr-only"
        tabIndex={-1}
        aria-label="The paper’s file"
        onChange={(event) => {
          const chosen = event.target.files?.[0]
          event.target.value = ''
          if (chosen) {
            onFile(chosen)
          }
        }}
      />
    </div>
  )
}
