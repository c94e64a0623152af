import { useState } from 'react'
import { Notice } from './Notice'

/** Keeps what was made as a file of its own. */
export function KeepFile({
  name,
  primary,
  disabled = false,
  keep,
}: {
  name: string
  primary: boolean
  disabled?: boolean
  keep: () => Promise<void>
}) {
  const [told, setTold] = useState('')
  const [problem, setProblem] = useState('')
  return (
    <>
      {problem && <Notice message={problem} onClose={() => setProblem('')} />}
      <button
        type="button"
        className={primary ? 'btn btn-primary' : 'btn btn-quiet'}
        disabled={disabled}
        onClick={() => {
          keep().then(
            () => setTold(`${name} is kept.`),
            (error: unknown) => setProblem(error instanceof Error ? error.message : 'It could not be kept.'),
          )
        }}
      >
        Keep as .docx
      </button>
      <span role="status" className="text-soft">
        {told}
      </span>
    </>
  )
}
