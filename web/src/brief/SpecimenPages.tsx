import { useMemo, useRef } from 'react'
import type { Schemas } from '../api/client'
import { DimensionLines } from '../proof/page/DimensionLines'
import { SheetPage } from '../proof/page/SheetPage'
import { Space } from '../proof/page/space'
import { placeStrokes } from '../proof/page/strokes'
import type { Page, Stroke } from '../proof/useProof'
import { useSize } from '../proof/useSize'
import type { Specimen } from './useBrief'

const PICTURES = '/api/brief/specimen/picture'

/** Labels read at so many pixels. */
const PIXELS = 11.5
/** Room for the notes beside a page, and round both. */
const NOTES = 208
const ROUND = 72
const LARGEST = 1.05

type Note = Schemas['NoteView']

/** The specimen: each page with its measures, and beside it what the rules say. */
export function SpecimenPages({ specimen }: { specimen: Specimen }) {
  const desk = useRef<HTMLDivElement>(null)
  const { width } = useSize(desk)
  const strokes = useStrokesByPage(specimen)
  const first = specimen.layout.pages[0]
  const room = width - ROUND - (width > 640 ? NOTES : 0)
  const scale = first ? Math.max(0.3, Math.min(LARGEST, room / first.width)) : 1
  return (
    <div ref={desk} className="flex flex-col gap-7 p-6 max-sm:p-3">
      {specimen.layout.pages.map((page) => (
        <div key={page.number} className="flex items-start justify-center gap-6 max-sm:flex-col max-sm:gap-3">
          <MeasuredPage page={page} strokes={strokes.get(page.number) ?? []} scale={scale} />
          <NoteList notes={specimen.notes.filter((note) => note.page === page.number)} />
        </div>
      ))}
    </div>
  )
}

/** Quantities that every page shows alike, and those that no guide asks for by themselves. */
const EVERYWHERE = new Set(['sheet', 'top', 'right', 'bottom', 'left', 'header', 'line', 'first-line'])
const UNASKED = new Set(['to-text', 'columns', 'title', 'table-above', 'table-below'])

/** What is measured on each page: each quantity once, where it is first seen; what all pages share where the text begins. */
export function useStrokesByPage({ strokes, opening }: Specimen) {
  return useMemo(() => {
    const out = new Map<number, Stroke[]>()
    const shownOn = new Map<string, number>()
    for (const { station, strokes: measured } of strokes) {
      for (const { page, strokes: onPage } of measured.pages) {
        const shown = onPage.filter(({ quantity, axis }) => {
          const key = `${quantity} ${axis}`
          const first = shownOn.get(key)
          if (first === undefined && (page === opening || !EVERYWHERE.has(quantity))) {
            shownOn.set(key, page)
            return !UNASKED.has(quantity)
          }
          // A list of sources shows several strokes of one quantity on its page, and each is of its own place.
          return first === page && station === 'sources'
        })
        out.set(page, [...(out.get(page) ?? []), ...shown])
      }
    }
    return out
  }, [strokes, opening])
}

export function MeasuredPage({
  page,
  strokes,
  scale,
  size = PIXELS / scale,
  name = `Specimen page ${page.number}`,
  pictures = PICTURES,
}: {
  page: Page
  strokes: Stroke[]
  scale: number
  size?: number
  name?: string
  pictures?: string
}) {
  const dimensions = useMemo(() => placeStrokes(page, strokes, size, new Space(page)), [page, strokes, size])
  return (
    <SheetPage page={page} pictures={pictures} scale={scale} name={name}>
      <DimensionLines dimensions={dimensions} size={size} lit={null} onLit={() => undefined} />
    </SheetPage>
  )
}

/** What the rules say, under the guide or the house rules they come from. */
function NoteList({ notes }: { notes: Note[] }) {
  const groups = new Map<string, Note[]>()
  for (const note of notes) {
    const source = note.source.replace(/ §.*/, '')
    groups.set(source, [...(groups.get(source) ?? []), note])
  }
  return (
    <div className="w-52 shrink-0 text-sm max-sm:w-full">
      {[...groups].map(([source, said]) => (
        <div key={source} className="mb-4">
          <h3 className="border-b border-base-content text-soft">{source}</h3>
          <ul>
            {said.map(({ rule, text, source: exact }, index) => (
              <li key={index} className="border-b border-rule py-1 leading-snug" data-rule={rule}>
                {text}
                {exact !== source && <span className="text-xs text-soft"> {exact.slice(source.length)}</span>}
              </li>
            ))}
          </ul>
        </div>
      ))}
    </div>
  )
}
