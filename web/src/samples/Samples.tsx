import { useState } from 'react'
import { useSession } from '../session/useSession'

/** A sample of the demo: what it is called, and its file. */
export interface Sample {
  name: string
  file: string
  load: () => Promise<{ default: string }>
}

export const CELLS: Sample[] = [
  {
    name: 'the bell study’s numbers',
    file: 'bell-study.csv',
    load: () => import('./bell-study.csv?raw'),
  },
  {
    name: 'the same as a program printed them',
    file: 'bell-study-output.txt',
    load: () => import('./bell-study-output.txt?raw'),
  },
]

export const QUESTIONS: Sample[] = [
  {
    name: 'the questions to harbour keepers',
    file: 'harbour-keepers.txt',
    load: () => import('./harbour-keepers.txt?raw'),
  },
]

/** On a visitor’s desk: invented samples to try a page with. */
export function Samples({ samples, onFile }: { samples: Sample[]; onFile: (file: File) => void }) {
  const visitor = useSession().data?.person?.demo === true
  const [problem, setProblem] = useState(false)
  if (!visitor) {
    return null
  }
  return (
    <p className="mt-5 flex max-w-[52rem] flex-wrap items-baseline gap-x-4 gap-y-1">
      <span className="text-soft">Or try with an invented sample:</span>
      {samples.map(({ name, file, load }) => (
        <button
          key={file}
          type="button"
          className="pencil-link"
          onClick={() => {
            load().then(
              (read) => onFile(new File([read.default], file, { type: 'text/plain' })),
              () => setProblem(true),
            )
          }}
        >
          {name}
        </button>
      ))}
      {problem && <span role="alert">The sample could not be fetched. Try again.</span>}
    </p>
  )
}
