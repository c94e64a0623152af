import type { PaperSummary } from './usePapers'

export const SORTINGS = {
  touched: 'touched last',
  brought: 'brought last',
  title: 'by title',
  open: 'most open',
}
export type ShelfSorting = keyof typeof SORTINGS

/** The papers that hold some words in title, file name or guide, in an order. */
export function shelf(papers: PaperSummary[], words: string, sorting: ShelfSorting): PaperSummary[] {
  const wanted = words.toLocaleLowerCase().split(/\s+/)
  const compare: Record<ShelfSorting, (one: PaperSummary, other: PaperSummary) => number> = {
    touched: (one, other) => other.changedAt.localeCompare(one.changedAt),
    brought: (one, other) => other.createdAt.localeCompare(one.createdAt),
    title: (one, other) => one.title.localeCompare(other.title),
    open: (one, other) => openOf(other) - openOf(one),
  }
  return papers
    .filter(({ title, fileName, guide }) => {
      const text = `${title} ${fileName} ${guide}`.toLocaleLowerCase()
      return wanted.every((each) => text.includes(each))
    })
    .sort(compare[sorting])
}

/** Open readings of a paper. */
export function openOf({ stations }: PaperSummary): number {
  return stations.reduce((sum, { open }) => sum + Math.max(0, open), 0)
}

const THIS_YEAR: Intl.DateTimeFormatOptions = {
  day: 'numeric',
  month: 'long',
  hour: 'numeric',
  minute: '2-digit',
}
const inThisYear = new Intl.DateTimeFormat('en', THIS_YEAR)
const inAnother = new Intl.DateTimeFormat('en', { ...THIS_YEAR, year: 'numeric' })

/** A time as people say it, with its year where that is not this one. */
export function when(time: string, now: Date): string {
  const date = new Date(time)
  return (date.getFullYear() === now.getFullYear() ? inThisYear : inAnother).format(date)
}
