import type { ReactNode } from 'react'
import { Link } from 'react-router'

const STEPS = [
  ['Bring', 'Choose the .docx you wrote and the guide your course asks for.'],
  ['Look', 'The pages appear as they will print, with what is and what is asked drawn on them.'],
  ['Put right', 'One reading, a station, or all that is safe. Every step can be undone.'],
  ['Take back', 'Download the same file, put right. No word of it has changed.'],
] as const

/** What the list of papers shows before there is any: how the work goes, and where it starts. */
export function EmptyDesk({ children }: { children?: ReactNode }) {
  return (
    <main className="mx-auto w-full max-w-[760px] p-8 pt-16">
      {children}
      <h1 className="text-3xl">The desk is clear</h1>
      <p className="mt-2 text-soft">
        Bring a paper and it will lie here, with all its proofs, until you delete it.
      </p>
      <ol className="mt-8 border-t border-base-content">
        {STEPS.map(([name, text], index) => (
          <li
            key={name}
            className="grid grid-cols-[2rem_7rem_1fr] max-sm:grid-cols-[2rem_1fr] border-b border-rule py-3"
          >
            <span className="text-soft">{index + 1}</span>
            <span className="font-bold">{name}</span>
            <span className="max-sm:col-start-2">{text}</span>
          </li>
        ))}
      </ol>
      <p className="mt-8 flex flex-wrap gap-3">
        <Link to="/bring" className="btn btn-primary">
          Bring a paper
        </Link>
        <Link to="/brief" className="btn btn-quiet">
          Set up a new one
        </Link>
      </p>
    </main>
  )
}
