import { useState } from 'react'
import { Notice } from '../ui/Notice'
import { Bringing } from './Bringing'
import { pageOf, plainOf, type Table } from './grid'
import { bringTable, type Places, saveTable, type Whose } from './useTable'

/** What becomes of the table: into the paper, into the clipboard, a file of its own. */
export function Outlets({
  table,
  number,
  whose,
  paper,
  places,
  place,
  onPlace,
}: {
  table: Table
  number: number
  whose: Whose
  paper: string | undefined
  places: Places | undefined
  place: Places['places'][number] | undefined
  onPlace: (paragraph: number) => void
}) {
  const [told, setTold] = useState('')
  const [problem, setProblem] = useState('')
  const copy = (words: string, html: string, what: string) => {
    const item = new ClipboardItem({
      'text/plain': new Blob([words], { type: 'text/plain' }),
      ...(html && { 'text/html': new Blob([html], { type: 'text/html' }) }),
    })
    navigator.clipboard.write([item]).then(
      () => setTold(`${what} copied.`),
      () => setProblem('The browser did not let it be copied. Keep the table as a file instead.'),
    )
  }
  const cells = [...table.heads.map((row) => row.map(({ words }) => words)), ...table.rows]
    .map((row) => row.map(plainOf).join('\t'))
    .join('\n')
  return (
    <section
      aria-label="What becomes of it"
      className="flex flex-col gap-3 border-t border-base-content pt-3"
    >
      {problem && <Notice message={problem} onClose={() => setProblem('')} />}
      {table.report !== '' && (
        <p className="flex flex-wrap items-baseline gap-x-3">
          <span className="text-soft">In the text:</span>
          <span data-report>{plainOf(table.report)}</span>
          <button
            type="button"
            className="pencil-link"
            onClick={() => copy(plainOf(table.report), '', 'The sentence is')}
          >
            Copy
          </button>
        </p>
      )}
      {paper && places && place && (
        <Bringing
          kind="table"
          paper={paper}
          title={plainOf(table.title)}
          places={places}
          place={place}
          onPlace={onPlace}
          start={(coming) => bringTable(paper, table, coming)}
        />
      )}
      <div className="flex flex-wrap items-center gap-3">
        <button
          type="button"
          className={paper ? 'btn btn-quiet' : 'btn btn-primary'}
          onClick={() => {
            saveTable(whose, table, number).then(
              () => setTold(`table-${number}.docx is kept.`),
              (error: unknown) =>
                setProblem(error instanceof Error ? error.message : 'It could not be kept.'),
            )
          }}
        >
          Keep as .docx
        </button>
        <button
          type="button"
          className="btn btn-quiet"
          onClick={() => copy(cells, pageOf(table, number), 'The table is')}
        >
          Copy the table
        </button>
        <span role="status" className="text-soft">
          {told}
        </span>
      </div>
    </section>
  )
}
