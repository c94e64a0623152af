import { useId, useState } from 'react'
import { CELLS, Samples } from '../samples/Samples'
import { Notice } from '../ui/Notice'
import { type Pasted, PasteBox } from '../ui/PasteBox'
import { useTitle } from '../ui/useTitle'
import { FigureMaking } from './FigureMaking'
import { TableMaking } from './TableMaking'
import { type Kind, type Sheet, usePaperTables, useReading } from './useTable'
import { ForGuide, ForPaper, type Made, MakerHead } from './Whose'

/** A table or a figure made for a paper. */
export const PaperTablePage = ({ start }: Start) => (
  <ForPaper>{(made) => <Making key={start} start={start} {...made} />}</ForPaper>
)

/** A table or a figure made by itself. */
export const FreeTablePage = ({ start }: Start) => (
  <ForGuide>{(made) => <Making key={start} start={start} {...made} />}</ForGuide>
)

interface Start {
  /** What is made first; the other can be chosen. */
  start: Kind
}

function Making({ start, whose, paper, about }: Made & Start) {
  const [sheets, setSheets] = useState<Sheet[]>([])
  const [kind, setKind] = useState<Kind>(start)
  // What was edited of a table waits while a figure is made of the same cells, and the other way round.
  const [begun, setBegun] = useState<Kind[]>([start])
  const reading = useReading()
  useTitle(kind === 'table' ? 'Table' : 'Figure')
  const read = (source: File | Pasted) => reading.mutate(source, { onSuccess: setSheets })
  const choose = (chosen: Kind) => {
    setKind(chosen)
    setBegun((was) => (was.includes(chosen) ? was : [...was, chosen]))
  }
  const clear = () => {
    setSheets([])
    setBegun([kind])
    reading.reset()
  }
  return (
    <main className="mx-auto w-full max-w-[1400px] p-6 max-sm:p-4">
      <MakerHead
        name={kind === 'table' ? 'Table' : 'Figure'}
        about={about}
        again="Other cells"
        onAgain={sheets.length > 0 ? clear : null}
      />
      {reading.error && (
        <div className="mb-4">
          <Notice message={reading.error.message} onClose={() => reading.reset()} />
        </div>
      )}
      {sheets.length === 0 ? (
        <>
          <PasteBox
            label="Paste or type the cells"
            hint="Printed output of a statistics program, cells of a spreadsheet, or raw numbers with a person a row. Cells may be parted by tabs, semicolons, commas or runs of spaces."
            placeholder={'Harbour\tInterval\nNorth\t4.1\nSouth\t3.6'}
            files=".xlsx, .csv, .tsv, .html"
            accept=".xlsx,.csv,.tsv,.txt,.html,.htm,text/csv,text/plain,text/html"
            action="Make a table or a figure of it"
            busy={reading.isPending ? 'Reading the cells…' : ''}
            takes={({ text, html }) => html.includes('<table') || text.includes('\t')}
            onRead={read}
          />
          <OfThePaper paper={paper} onTable={(sheet) => setSheets([sheet])} />
          <Samples samples={CELLS} onFile={read} />
        </>
      ) : (
        begun.map((each) => (
          <div
            key={each}
            hidden={each !== kind}
            className="grid grid-cols-[17rem_minmax(0,1fr)] gap-8 max-lg:grid-cols-1"
          >
            {each === 'table' ? (
              <TableMaking sheets={sheets} whose={whose} paper={paper}>
                <Choice kind={kind} onKind={choose} />
              </TableMaking>
            ) : (
              <FigureMaking sheets={sheets} whose={whose} paper={paper}>
                <Choice kind={kind} onKind={choose} />
              </FigureMaking>
            )}
          </div>
        ))
      )}
    </main>
  )
}

/** What is to be made of the cells. */
function Choice({ kind, onKind }: { kind: Kind; onKind: (kind: Kind) => void }) {
  const name = useId()
  return (
    <fieldset className="mb-5">
      <legend className="mb-1">Made of the cells</legend>
      <div className="flex gap-6">
        {(['table', 'figure'] as const).map((each) => (
          <label key={each} className="flex items-center gap-2">
            <input
              type="radio"
              name={name}
              className="radio radio-sm"
              checked={each === kind}
              onChange={() => onKind(each)}
            />
            {each === 'table' ? 'a table' : 'a figure'}
          </label>
        ))}
      </div>
    </fieldset>
  )
}

/** Tables that the paper has, of which another or a figure can be made. */
function OfThePaper({ paper, onTable }: { paper: string | undefined; onTable: (sheet: Sheet) => void }) {
  const { data } = usePaperTables(paper)
  if (!data || data.tables.length === 0) {
    return null
  }
  return (
    <p className="mt-5 flex max-w-[52rem] flex-wrap items-baseline gap-x-4 gap-y-1">
      <span className="text-soft">Or take one that the paper has:</span>
      {data.tables.map(({ label, page, sheet }, index) => (
        <button
          key={index}
          type="button"
          className="pencil-link max-w-full truncate"
          onClick={() => onTable(sheet)}
        >
          {label === '' ? `the table on p. ${page}` : label}
          {sheet.title ? `, ${sheet.title}` : ''}
        </button>
      ))}
    </p>
  )
}
