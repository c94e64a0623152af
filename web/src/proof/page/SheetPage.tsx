import type { ReactNode } from 'react'
import type { Page } from '../useProof'
import type { Pictures } from './pictures'
import { PageText } from './PageText'

/** A page as it will print, with what is drawn on it. */
export function SheetPage({
  page,
  pictures,
  scale,
  name = `Page ${page.number}`,
  children,
}: {
  page: Page
  /** Where the pictures on it are found. */
  pictures: Pictures
  /** Pixels in a point. */
  scale: number
  /** What it is called where it cannot be seen. */
  name?: string
  children?: ReactNode
}) {
  return (
    <svg
      viewBox={`0 0 ${page.width} ${page.height}`}
      width={page.width * scale}
      height={page.height * scale}
      role="group"
      aria-label={name}
      aria-busy={page.coming}
      className="sheet-shadow block shrink-0 bg-(--sheet)"
    >
      <PageText page={page} pictures={pictures} />
      {children}
    </svg>
  )
}
