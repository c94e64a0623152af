import { api, ApiProblem, type Schemas } from '../api/client'
import { examined, type OnWork } from '../api/work'

/** A page; one that is still on its way is empty, or what it was before the paper changed. */
export type Page = Schemas['PageView'] & { coming?: true }

/** All pages of a paper. */
export type Layout = Omit<Schemas['LayoutView'], 'state' | 'pageCount' | 'pages'> & { pages: Page[] }

/** Whether some of the pages are still on their way. */
export const isComing = ({ pages }: Pick<Layout, 'pages'>) => pages.some(({ coming }) => coming)

/** How pages are fetched. */
export interface Fetching {
  onWork?: OnWork
  /** The page that is looked at just now, which comes next, with its neighbours. */
  inView?: () => number
  /** What was shown before, which stays until each page is there. */
  before?: Layout | undefined
  /** Told of all pages whenever some more have come. */
  onPages?: (layout: Layout) => void
}

const IN_SIGHT = 8
const AT_A_TIME = 50

/** Fetches all pages, those in sight first; anew where the paper has changed in between. */
export async function allPages(id: string, proof: number, fetching: Fetching = {}): Promise<Layout> {
  const { onWork, inView = () => 1, before, onPages } = fetching
  const some = (from: number, most: number) =>
    examined<Schemas['LayoutView']>(
      () =>
        api.GET('/api/papers/{id}/layout', {
          params: { path: { id }, query: { from, most, ...(proof > 0 && { proof }) } },
        }),
      onWork,
    )
  for (;;) {
    const most = onPages ? IN_SIGHT : AT_A_TIME
    const from = Math.max(1, inView() - 2)
    const first = await some(from, most).catch((problem: unknown) => {
      // The paper may be shorter than it was.
      if (problem instanceof ApiProblem && problem.status === 404 && from > 1) {
        return some(1, most)
      }
      throw problem
    })
    const { state, pageCount, ...others } = first
    const layout = (pages: Page[]): Layout => ({ ...others, pages })
    const pages = onTheirWay(first, before)
    let next = first
    while (next.state === state) {
      for (const page of next.pages) {
        pages[page.number - 1] = page
      }
      if (!isComing({ pages })) {
        return layout(pages)
      }
      onPages?.(layout([...pages]))
      const looked = inView() - 1
      const start = pages[looked]?.coming ? looked - 2 : 0
      const missing = pages.findIndex(({ coming }, index) => coming && index >= start)
      const there = pages.findIndex((page, index) => index > missing && !page.coming)
      next = await some(missing + 1, Math.min(AT_A_TIME, (there < 0 ? pageCount : there) - missing))
    }
  }
}

/** Pages of which none has come: what they were before, else sheets of the size of those that came first. */
function onTheirWay({ pageCount, pages }: Schemas['LayoutView'], before: Layout | undefined): Page[] {
  const [sheet] = pages
  return Array.from({ length: pageCount }, (_, index) => {
    const was = before?.pages[index]
    const empty = { ...sheet, lines: [], pictures: [], fills: [], tables: [], printed: '' } as Page
    return { ...(was ?? empty), number: index + 1, coming: true }
  })
}
