import { type RefObject, useMemo } from 'react'
import type { Zoom } from '../ui/settings'
import { type Hit } from './find'
import { DimensionLines } from './page/DimensionLines'
import { FoundWords } from './page/FoundWords'
import { type Mark, marksOn } from './page/marks'
import { MarkSigns } from './page/MarkSigns'
import { PageColumn, type Target } from './page/PageColumn'
import { slipsOn } from './page/notes'
import { picturesOf } from './page/pictures'
import { SheetPage } from './page/SheetPage'
import { Space } from './page/space'
import { placeStrokes } from './page/strokes'
import type { Layout, Page, Reading, Stroke } from './useProof'
import { useSize } from './useSize'
import { scaleOf } from './zoom'

interface Drawn {
  paper: string
  /** Readings of the station, for its marks. */
  readings: Reading[]
  /** What the station measures, by page. */
  strokes: ReadonlyMap<number, Stroke[]>
  chosenMark: string | null
  /** Key of the reading pointed at, whose marks, dimension lines and row stand out. */
  lit: string | null
  hits: Hit[]
  hit: Hit | undefined
  onMark: (mark: Mark) => void
  onLit: (reading: string | null) => void
}

const NONE: Stroke[] = []
/** Labels and notes read at so many pixels at least, and are so many points at least. */
const PIXELS = 11.5
const SMALLEST = 9

/** The desk: the pages with their marks and measures. */
export function Desk({
  layout,
  zoom,
  scroller,
  target,
  onPage,
  ...drawn
}: Drawn & {
  layout: Layout
  zoom: Zoom
  scroller: RefObject<HTMLDivElement | null>
  target: Target | null
  onPage: (page: number) => void
}) {
  const scale = scaleOf(zoom, layout.pages, useSize(scroller))
  return (
    <PageColumn
      pages={layout.pages}
      scale={scale}
      scroller={scroller}
      target={target}
      onPage={onPage}
      renderPage={(page) => <MarkedPage page={page} scale={scale} {...drawn} />}
    />
  )
}

function MarkedPage({
  page,
  paper,
  scale,
  readings,
  strokes,
  chosenMark,
  lit,
  hits,
  hit,
  onMark,
  onLit,
}: Drawn & { page: Page; scale: number }) {
  const measured = strokes.get(page.number) ?? NONE
  // Labels and notes are read on the screen, so that on a small page they take more of it.
  const size = Math.max(SMALLEST, PIXELS / scale)
  const drawn = useMemo(() => {
    const space = new Space(page)
    const dimensions = placeStrokes(page, measured, size, space)
    const marks = marksOn(page, readings, dimensions)
    return { dimensions, marks, slips: slipsOn(page, marks, size, space) }
  }, [page, measured, readings, size])
  const found = hits.filter((each) => each.page === page.number)
  return (
    <SheetPage page={page} pictures={picturesOf(paper)} scale={scale}>
      {found.length > 0 && <FoundWords hits={found} current={hit} />}
      <DimensionLines dimensions={drawn.dimensions} size={size} lit={lit} onLit={onLit} />
      <MarkSigns
        marks={drawn.marks}
        slips={drawn.slips}
        size={size}
        page={page}
        chosen={chosenMark}
        lit={lit}
        onChoose={onMark}
        onLit={onLit}
      />
    </SheetPage>
  )
}
