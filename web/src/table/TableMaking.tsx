import { type ReactNode, useCallback } from 'react'
import { Notice } from '../ui/Notice'
import { TextField } from '../ui/TextField'
import { type Table, tableOf } from './grid'
import { Lines } from './Lines'
import { MadeOnPage } from './MadeOnPage'
import { Outlets } from './Outlets'
import { TableGrid } from './TableGrid'
import { Understanding } from './Understanding'
import { paragraphsOf, useDraft } from './useDraft'
import { useEdited } from './useEdited'
import { useMaking } from './useMaking'
import {
  type Made,
  type Sheet,
  usePlace,
  useTableMaking,
  useTablePage,
  type Whose,
  type Wish,
} from './useTable'

const NO_WISH: Wish = { kind: null, roles: [], asterisks: false, intervals: false, equalVariances: null }

/** A table made of cells: what they are taken for, the table on a page and in a grid, what becomes of it. */
export function TableMaking({
  sheets,
  whose,
  paper,
  children,
}: {
  sheets: Sheet[]
  whose: Whose
  paper: string | undefined
  children: ReactNode
}) {
  const { made: table, begin, change, undo, redo } = useEdited<Table>()
  const making = useTableMaking(whose)
  const onMade = useCallback((made: Made | null) => begin(made?.table ? tableOf(made.table) : null), [begin])
  const [wish, setWish] = useMaking(sheets, whose, NO_WISH, making, onMade)
  const { places, place, number, choose } = usePlace(paper, 'table')
  const shown = useTablePage(whose, table, number)
  return (
    <>
      <div>
        {children}
        {making.error && <Notice message={making.error.message} onClose={() => making.reset()} />}
        {making.data && <Understanding made={making.data} wish={wish} onWish={setWish} />}
      </div>
      {table && (
        <div className="flex min-w-0 flex-col gap-5">
          <MadeOnPage kind="table" shown={shown} />
          <Words table={table} onChange={change} />
          <TableGrid table={table} onChange={change} onUndo={undo} onRedo={redo} />
          <Outlets
            table={table}
            number={number}
            whose={whose}
            paper={paper}
            places={places}
            place={place}
            onPlace={choose}
          />
        </div>
      )}
    </>
  )
}

const wordsOf = ({ title, notes }: Table) => ({ title, notes: notes.join('\n') })

const withWords = (table: Table, { title, notes }: ReturnType<typeof wordsOf>): Table => ({
  ...table,
  title,
  notes: paragraphsOf(notes),
})

/** Title and notes. */
function Words({ table, onChange }: { table: Table; onChange: (edit: (was: Table) => Table) => void }) {
  const [words, say] = useDraft(table, wordsOf, withWords, onChange)
  return (
    <div className="grid grid-cols-2 gap-4 max-sm:grid-cols-1">
      <TextField
        label="Title"
        hint="A proposal; say what your reader should see."
        value={words.title}
        onText={(title) => say({ title })}
      />
      <Lines
        rows={Math.max(1, Math.min(4, table.notes.length))}
        label="Notes, a paragraph each"
        text={words.notes}
        onText={(notes) => say({ notes })}
      />
    </div>
  )
}
