import { api, type Schemas } from '../api/client'
import { examined, type OnWork } from '../api/work'

/** All pages of a paper. */
export type Layout = Omit<Schemas['LayoutView'], 'state' | 'pageCount'>

/** Fetches all pages, as many at a time as one answer holds; anew where the paper has changed in between. */
export async function allPages(id: string, proof: number, onWork: OnWork = () => undefined): Promise<Layout> {
  const from = (page: number) =>
    examined<Schemas['LayoutView']>(
      () =>
        api.GET('/api/papers/{id}/layout', {
          params: { path: { id }, query: { from: page, ...(proof > 0 && { proof }) } },
        }),
      onWork,
    )
  for (;;) {
    const { state, pageCount, pages, ...others } = await from(1)
    let next = { state, pages }
    while (pages.length < pageCount && next.state === state) {
      next = await from(pages.length + 1)
      pages.push(...next.pages)
    }
    if (next.state === state) {
      return { pages, ...others }
    }
  }
}
