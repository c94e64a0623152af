import { type ReactNode, useEffect, useState } from 'react'
import { createPortal, flushSync } from 'react-dom'
import { isComing } from './allPages'
import { picturesOf } from './page/pictures'
import { SheetPage } from './page/SheetPage'
import type { Layout, Page } from './useProof'

const PIXELS_PER_POINT = 96 / 72

/** While the browser prints: all pages of the paper, each on a sheet, and nothing of the desk. */
export function Print({ layout, paper }: { layout: Layout; paper: string }) {
  if (isComing(layout)) {
    return (
      <PrintedSheets
        pages={layout.pages.slice(0, 1)}
        renderPage={({ number }) => (
          <p key={number}>The pages were still on their way. Print again when all are there.</p>
        )}
      />
    )
  }
  return (
    <PrintedSheets
      pages={layout.pages}
      renderPage={(page, scale) => (
        <SheetPage key={page.number} page={page} pictures={picturesOf(paper)} scale={scale} />
      )}
    />
  )
}

/** While the browser prints: pages, each on a sheet, in place of all else. */
export function PrintedSheets({
  pages,
  renderPage,
}: {
  pages: Page[]
  renderPage: (page: Page, scale: number) => ReactNode
}) {
  const [printing, setPrinting] = useState(false)
  useEffect(() => fetchFaces(pages), [pages])
  useEffect(() => {
    // The pages must stand there before the browser looks.
    const begin = () => flushSync(() => setPrinting(true))
    const end = () => setPrinting(false)
    window.addEventListener('beforeprint', begin)
    window.addEventListener('afterprint', end)
    return () => {
      window.removeEventListener('beforeprint', begin)
      window.removeEventListener('afterprint', end)
    }
  }, [])
  if (!printing || pages.length === 0) {
    return null
  }
  return createPortal(
    <div className="print-only">
      <style>{sheetsOf(pages)}</style>
      {pages.map((page) => (
        <div key={page.number} style={{ page: sheetOf(page) }}>
          {renderPage(page, PIXELS_PER_POINT)}
        </div>
      ))}
    </div>,
    document.body,
  )
}

/** The name of a sheet of the size of a page: one on its side lies among others that stand. */
const sheetOf = ({ width, height }: Page) => `sheet-${Math.round(width)}-${Math.round(height)}`

/** The sheets that pages need. */
function sheetsOf(pages: Page[]): string {
  const sheets = new Map(
    pages.map((page) => [sheetOf(page), `size: ${page.width}pt ${page.height}pt; margin: 0`]),
  )
  return [...sheets].map(([name, says]) => `@page ${name} { ${says} }`).join('\n')
}

/** Has the faces of pages come before they print: letters of a face that is on its way print as nothing. */
function fetchFaces(pages: Page[]) {
  const faces = new Set(
    pages.flatMap((page) => page.lines.flatMap((line) => line.runs.map((run) => run.face))),
  )
  for (const face of faces) {
    // A face that cannot be had is told by the layout; the browser then draws another.
    void document.fonts.load(`12pt '${face}'`).catch(() => undefined)
  }
}
