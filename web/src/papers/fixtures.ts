import type { PaperSummary } from './usePapers'

/** A paper in the list, for tests. */
export function summaryOf(more: Partial<PaperSummary> = {}): PaperSummary {
  return {
    id: '0c5d',
    revision: 3,
    title: 'Lamps on the Low Canal',
    fileName: 'lamps.docx',
    guide: 'MLA 9',
    pages: 6,
    words: 1586,
    createdAt: '2026-10-09T18:00:00Z',
    changedAt: '2026-10-09T18:00:00Z',
    stations: [],
    ...more,
  }
}
