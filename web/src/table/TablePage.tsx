import { useCallback, useEffect, useRef, useState } from 'react'
import { MeasuredPage } from '../brief/SpecimenPages'
import { useSize } from '../proof/useSize'
import { Notice } from '../ui/Notice'
import { CELLS, Samples } from '../samples/Samples'
import { type Pasted, PasteBox } from '../ui/PasteBox'
import { TextField } from '../ui/TextField'
import { useTitle } from '../ui/useTitle'
import { tableOf, type Table } from './grid'
import { Outlets } from './Outlets'
import { TableGrid } from './TableGrid'
import { Understanding } from './Understanding'
import { useEdited } from './useEdited'
import { type Sheet, useMaking, usePlaces, useReading, useTablePage, type Whose, type Wish } from './useTable'
import { ForGuide, ForPaper, type Made, MakerHead } from './Whose'

const NO_WISH: Wish = { kind: null, roles: [], asterisks: false, equalVariances: null }

/** A table made for a paper. */
export const PaperTablePage = () => <ForPaper>{(made) => <Making {...made} />}</ForPaper>

/** A table made by itself. */
export const FreeTablePage = () => <ForGuide>{(made) => <Making {...made} />}</ForGuide>

function Making({ whose, paper, about }: Made) {
  useTitle('Table')
  const [sheets, setSheets] = useState<Sheet[]>([])
  const [wish, setWish] = useState(NO_WISH)
  const reading = useReading()
  const making = useMaking(whose)
  const { table, begin, change, undo, redo } = useEdited()
  const places = usePlaces(paper)
  const [place, setPlace] = useState<number | null>(null)
  const chosen =
    places.data?.places.find(({ paragraph }) => paragraph === (place ?? places.data.likeliest)) ??
    places.data?.places.at(-1)
  const number = chosen?.number ?? 1
  const { mutate } = making
  const remake = useCallback(
    (of: Sheet[], by: Wish) =>
      mutate(
        { sheets: of, wish: by },
        {
          onSuccess: (made) => begin(made.table ? tableOf(made.table) : null),
          onError: () => begin(null),
        },
      ),
    [mutate, begin],
  )
  const make = (of: Sheet[], by: Wish) => {
    setSheets(of)
    setWish(by)
    remake(of, by)
  }
  const read = (source: File | Pasted) =>
    reading.mutate(source, { onSuccess: (found) => make(found, NO_WISH) })
  const clear = () => {
    setSheets([])
    begin(null)
    making.reset()
    reading.reset()
  }
  const asked = JSON.stringify(whose)
  const madeFor = useRef(asked)
  // Another guide has another form: the same cells are made anew by it.
  useEffect(() => {
    if (asked !== madeFor.current) {
      madeFor.current = asked
      if (sheets.length > 0) {
        remake(sheets, wish)
      }
    }
  }, [asked, sheets, wish, remake])
  const problem = reading.error ?? making.error
  return (
    <main className="mx-auto w-full max-w-[1400px] p-6 max-sm:p-4">
      <MakerHead name="Table" about={about} again="Other cells" onAgain={sheets.length > 0 ? clear : null} />
      {problem && (
        <div className="mb-4">
          <Notice
            message={problem.message}
            onClose={() => {
              reading.reset()
              making.reset()
            }}
          />
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
            action="Make a table of it"
            busy={reading.isPending || making.isPending ? 'Reading the cells…' : ''}
            takes={({ text, html }) => html.includes('<table') || text.includes('\t')}
            onRead={read}
          />
          <Samples samples={CELLS} onFile={read} />
        </>
      ) : (
        <div className="grid grid-cols-[17rem_minmax(0,1fr)] gap-8 max-lg:grid-cols-1">
          <div>
            {making.data && (
              <Understanding made={making.data} wish={wish} onWish={(by) => make(sheets, by)} />
            )}
          </div>
          {table && (
            <div className="flex min-w-0 flex-col gap-5">
              <Shown whose={whose} table={table} number={number} />
              <Words table={table} onChange={change} />
              <TableGrid table={table} onChange={change} onUndo={undo} onRedo={redo} />
              <Outlets
                table={table}
                number={number}
                whose={whose}
                paper={paper}
                places={places.data}
                place={chosen}
                onPlace={setPlace}
              />
            </div>
          )}
        </div>
      )}
    </main>
  )
}

/** Points of the page above and below the table that are shown with it. */
const ROUND = 30

/** The table as it will be set, with its measures, and what of it is off. */
function Shown({ whose, table, number }: { whose: Whose; table: Table; number: number }) {
  const shown = useTablePage(whose, table, number)
  const box = useRef<HTMLDivElement>(null)
  const { width } = useSize(box)
  const page = shown.data?.layout.pages[0]
  const scale = page ? Math.max(0.4, Math.min(1.25, width / page.width)) : 1
  const bottom = page ? Math.max(...page.lines.map((line) => line.y), 144) + ROUND : 0
  const strokes = shown.data?.strokes.pages.find(({ page: at }) => at === 1)?.strokes ?? []
  const pages = shown.data?.layout.pageCount ?? 1
  return (
    <section aria-label="The table as it will be set" ref={box} className="min-w-0">
      {shown.error && <Notice message={shown.error.message} onAgain={() => void shown.refetch()} />}
      {page && (
        // What scrolls is reached by keyboard too.
        <div
          role="region"
          aria-label="Page, scrolled"

          tabIndex={0}
          className="mx-auto max-h-[26rem] overflow-auto"
          style={{ width: page.width * scale, height: Math.min(bottom * scale, 416) }}
        >
          <div style={{ marginTop: -ROUND * scale }}>
            <MeasuredPage page={page} strokes={strokes} scale={scale} name="Page with the table" />
          </div>
        </div>
      )}
      {pages > 1 && (
        <p className="mt-2 text-sm text-soft">It goes on over {pages} pages, its heads repeated.</p>
      )}
      {shown.data && (
        <p className="mt-2 text-[15px]" role="status">
          {shown.data.off.length === 0 ? (
            <span className="text-soft">All that is measured of tables is as the guide asks.</span>
          ) : (
            shown.data.off.join(' ')
          )}
        </p>
      )}
    </section>
  )
}

/** Title and notes. */
function Words({ table, onChange }: { table: Table; onChange: (edit: (was: Table) => Table) => void }) {
  const [title, setTitle] = useState(table.title)
  const [notes, setNotes] = useState(table.notes.join('\n'))
  const [was, setWas] = useState(table)
  // What came from elsewhere, as a step taken back, shows in the fields.
  if (was !== table) {
    setWas(table)
    setTitle(table.title)
    setNotes(table.notes.join('\n'))
  }
  useEffect(() => {
    const later = setTimeout(() => {
      const lines = notes.split('\n').filter((line) => line.trim() !== '')
      if (title !== table.title || lines.join('\n') !== table.notes.join('\n')) {
        onChange((each) => ({ ...each, title, notes: lines }))
      }
    }, 400)
    return () => clearTimeout(later)
  }, [title, notes, table, onChange])
  return (
    <div className="grid grid-cols-2 gap-4 max-sm:grid-cols-1">
      <TextField
        label="Title"
        hint="A proposal; say what your reader should see."
        value={title}
        onText={setTitle}
      />
      <label className="flex flex-col gap-1">
        Notes, a paragraph each
        <textarea
          className="textarea min-h-11 w-full border-soft bg-base-100"
          rows={Math.max(1, Math.min(4, table.notes.length))}
          value={notes}
          onChange={(event) => setNotes(event.target.value)}
        />
      </label>
    </div>
  )
}
