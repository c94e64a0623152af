import { type ReactNode, useCallback } from 'react'
import { Notice } from '../ui/Notice'
import { KeepFile } from '../ui/KeepFile'
import { TextField } from '../ui/TextField'
import { Bringing } from './Bringing'
import { Drawing } from './Drawing'
import { plainOf } from './grid'
import { Lines } from './Lines'
import { MadeOnPage } from './MadeOnPage'
import { paragraphsOf, useDraft } from './useDraft'
import { useEdited } from './useEdited'
import {
  bringFigure,
  type Figure,
  type FigureWish,
  type MadeFigure,
  saveFigure,
  useDrawing,
  useDrawn,
  useFigurePage,
} from './useFigure'
import { useMaking } from './useMaking'
import { type Sheet, usePlace, type Whose } from './useTable'

const NO_WISH: FigureWish = { kind: null, roles: [], spread: null, line: true, turned: false }

/** A figure drawn of cells: what they are taken for, the figure on a page, its words, what becomes of it. */
export function FigureMaking({
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
  const { made: figure, begin, change, undo, redo } = useEdited<Figure>()
  const making = useDrawing(whose)
  const onMade = useCallback((made: MadeFigure | null) => begin(made?.figure ?? null), [begin])
  const [wish, setWish] = useMaking(sheets, whose, NO_WISH, making, onMade)
  const { places, place, number, choose } = usePlace(paper, 'figure')
  const shown = useFigurePage(whose, figure, number)
  const picture = useDrawn(whose, figure)
  const title = plainOf(figure?.title ?? '')
  return (
    <>
      <div>
        {children}
        {making.error && <Notice message={making.error.message} onClose={() => making.reset()} />}
        {making.data && <Drawing made={making.data} wish={wish} onWish={setWish} />}
      </div>
      {figure && (
        <div className="flex min-w-0 flex-col gap-5">
          <MadeOnPage kind="figure" shown={shown} pictures={picture} />
          <Words figure={figure} onChange={change} onUndo={undo} onRedo={redo} />
          <section
            aria-label="What becomes of it"
            className="flex flex-col gap-3 border-t border-base-content pt-3"
          >
            {paper && places && place && (
              <Bringing
                kind="figure"
                paper={paper}
                title={title}
                places={places}
                place={place}
                onPlace={choose}
                start={(coming) => bringFigure(paper, figure, coming)}
              />
            )}
            <div className="flex flex-wrap items-center gap-3">
              <KeepFile
                name={`figure-${number}.docx`}
                primary={!paper}
                keep={() => saveFigure(whose, figure, number)}
              />
            </div>
          </section>
        </div>
      )}
    </>
  )
}

const wordsOf = ({ title, chart, notes, alternative }: Figure) => ({
  title: title ?? '',
  across: chart?.across ?? '',
  up: chart?.up ?? '',
  notes: (notes ?? []).join('\n'),
  alternative: alternative ?? '',
})

type FigureWords = ReturnType<typeof wordsOf>

const withWords = (figure: Figure, { title, across, up, notes, alternative }: FigureWords): Figure => ({
  title,
  ...(figure.chart && { chart: { ...figure.chart, across, up } }),
  notes: paragraphsOf(notes),
  alternative,
})

/** Title, names of the axes, notes and the text alternative. */
function Words({
  figure,
  onChange,
  onUndo,
  onRedo,
}: {
  figure: Figure
  onChange: (edit: (was: Figure) => Figure) => void
  onUndo: (() => void) | null
  onRedo: (() => void) | null
}) {
  const [words, say] = useDraft(figure, wordsOf, withWords, onChange)
  return (
    <section aria-label="Words of the figure" className="flex flex-col gap-4">
      <TextField
        label="Title"
        hint="A proposal; say what your reader should see."
        value={words.title}
        onText={(title) => say({ title })}
      />
      <div className="grid grid-cols-2 gap-4 max-sm:grid-cols-1">
        <TextField label="Axis across" value={words.across} onText={(across) => say({ across })} />
        <TextField label="Axis up" value={words.up} onText={(up) => say({ up })} />
      </div>
      <div className="grid grid-cols-2 gap-4 max-sm:grid-cols-1">
        <Lines
          rows={3}
          label="Notes, a paragraph each"
          text={words.notes}
          onText={(notes) => say({ notes })}
        />
        <Lines
          rows={3}
          label="For those who do not see it"
          text={words.alternative}
          onText={(alternative) => say({ alternative })}
        />
      </div>
      <p className="flex gap-4">
        <button type="button" className="pencil-link" disabled={!onUndo} onClick={() => onUndo?.()}>
          Undo
        </button>
        <button type="button" className="pencil-link" disabled={!onRedo} onClick={() => onRedo?.()}>
          Redo
        </button>
      </p>
    </section>
  )
}
