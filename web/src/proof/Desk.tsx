import { type RefObject, useMemo } from 'react'
import type { Units, Zoom } from '../ui/settings'
import { type Hit } from './find'
import { DimensionLines } from './page/DimensionLines'
import { FoundWords } from './page/FoundWords'
import { type Mark, marksOn } from './page/marks'
import { MarkSigns } from './page/MarkSigns'
import { PageColumn, type Target } from './page/PageColumn'
import { SheetPage } from './page/SheetPage'
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
  units: Units
  chosenMark: string | null
  /** Key of the reading pointed at, whose marks, dimension lines and row stand out. */
  lit: string | null
  hits: Hit[]
  hit: Hit | undefined
  onMark: (mark: Mark) => void
  onLit: (reading: string | null) => void
}

const NONE: Stroke[] = []

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
  units,
  chosenMark,
  lit,
  hits,
  hit,
  onMark,
  onLit,
}: Drawn & { page: Page; scale: number }) {
  const measured = strokes.get(page.number) ?? NONE
  const dimensions = useMemo(() => placeStrokes(page, measured, units), [page, measured, units])
  const marks = useMemo(() => marksOn(page, readings, units), [page, readings, units])
  const found = hits.filter((each) => each.page === page.number)
  return (
    <SheetPage page={page} paper={paper} scale={scale}>
      {found.length > 0 && <FoundWords hits={found} current={hit} />}
      <DimensionLines dimensions={dimensions} scale={scale} lit={lit} onLit={onLit} />
      <MarkSigns marks={marks} page={page} chosen={chosenMark} lit={lit} onChoose={onMark} onLit={onLit} />
    </SheetPage>
  )
}
