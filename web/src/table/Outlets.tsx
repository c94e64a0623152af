import { useState } from 'react'
import { useNavigate } from 'react-router'
import { usePaper } from '../proof/useProof'
import { Notice } from '../ui/Notice'
import { pageOf, plainOf, type Table } from './grid'
import { type Places, saveTable, useBringing, type Whose } from './useTable'

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
        <Bringing paper={paper} table={table} places={places} place={place} onPlace={onPlace} />
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

function Bringing({
  paper,
  table,
  places,
  place,
  onPlace,
}: {
  paper: string
  table: Table
  places: Places
  place: Places['places'][number]
  onPlace: (paragraph: number) => void
}) {
  const [mention, setMention] = useState(true)
  const shown = usePaper(paper)
  const navigate = useNavigate()
  const bringing = useBringing(paper)
  return (
    <div className="flex flex-col gap-3">
      {bringing.error && <Notice message={bringing.error.message} onClose={() => bringing.reset()} />}
      <label className="flex flex-col gap-1">
        After the paragraph
        <select
          className="select w-full"
          value={place.paragraph}
          onChange={({ target }) => onPlace(Number(target.value))}
        >
          {places.places.map((each) => (
            <option key={each.paragraph} value={each.paragraph}>
              p. {each.page}: {each.words}
            </option>
          ))}
        </select>
      </label>
      {place.named ? (
        <p className="text-[15px] text-soft">The text names Table {place.number} already.</p>
      ) : (
        <label className="flex items-baseline gap-2">
          <input
            type="checkbox"
            className="checkbox checkbox-sm translate-y-0.5"
            checked={mention}
            onChange={({ target }) => setMention(target.checked)}
          />
          <span>
            Add “{place.mention.trim()}” at the end of that paragraph, since the text does not name the table
            yet
          </span>
        </label>
      )}
      <p>
        <button
          type="button"
          className="btn btn-primary"
          disabled={bringing.isPending || !shown.data || plainOf(table.title).trim() === ''}
          onClick={() =>
            bringing.mutate(
              {
                table,
                revision: shown.data?.revision ?? 0,
                paragraph: place.paragraph,
                mention: mention && !place.named,
              },
              { onSuccess: () => void navigate(`/papers/${paper}`) },
            )
          }
        >
          {bringing.isPending ? 'Bringing it in…' : `Bring it in as Table ${place.number}`}
        </button>
        {plainOf(table.title).trim() === '' && (
          <span className="ml-3 text-soft">It needs a title first.</span>
        )}
      </p>
    </div>
  )
}
