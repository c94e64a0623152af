import { type ReactNode, useCallback, useEffect, useState } from 'react'
import { Notice } from '../ui/Notice'
import { TextField } from '../ui/TextField'
import { type Table, tableOf } from './grid'
import { MadeOnPage } from './MadeOnPage'
import { Outlets } from './Outlets'
import { TableGrid } from './TableGrid'
import { Understanding } from './Understanding'
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
