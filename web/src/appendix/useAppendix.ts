import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, body, type Schemas, sendFile } from '../api/client'
import { saveAs } from '../api/download'
import { examined, finish } from '../api/work'
import type { Whose } from '../table/useTable'
import type { Pasted } from '../ui/PasteBox'
import type { Line } from './lines'

/** Lines as somebody settled them, what was said of their parts, and in which order these stand. */
export interface Appendix {
  lines: Line[]
  materials: Schemas['MaterialChoice'][]
  /** Each by its place among the lines; none for that of the lines. */
  order: number[]
}

/** What is needed to set them: not how each line came in. */
const settled = ({ lines, materials, order }: Appendix): Appendix => ({
  materials,
  order,
  lines: lines.map((line) => ({ ...line, typed: '', why: [] })),
})

/** Takes a file, or what was pasted, apart. */
export function useTakingApart() {
  return useMutation({
    mutationFn: async (source: File | Pasted) => {
      const file =
        source instanceof File
          ? source
          : new File([JSON.stringify(source)], 'lines.json', { type: 'application/json' })
      const path = source instanceof File ? '/api/appendices/file' : '/api/appendices/paste'
      return (await sendFile<Schemas['QuestionnaireView']>(path, file, {})).lines
    },
  })
}

/** The appendices on their pages; those shown stay while the next are on their way. */
export function useAppendixPages(whose: Whose, appendix: Appendix) {
  return useQuery({
    queryKey: ['appendix-pages', whose, appendix],
    enabled: appendix.lines.some(({ role }) => role !== 'out'),
    placeholderData: keepPreviousData,
    gcTime: 0,
    queryFn: async () =>
      body(await api.POST('/api/appendices/pages', { body: { appendix: settled(appendix), ...whose } })),
  })
}

/** The appendices in the order in which the paper mentions them first. */
export function useAppendixOrder(paper: string | undefined, appendix: Appendix, parts: number) {
  const asked = settled({ ...appendix, order: [] })
  return useQuery({
    queryKey: ['appendix-order', paper, asked],
    enabled: paper !== undefined && parts > 1,
    placeholderData: keepPreviousData,
    gcTime: 0,
    queryFn: () =>
      examined<Schemas['AppendixOrderView']>(() =>
        api.POST('/api/papers/{id}/appendix-order', {
          params: { path: { id: String(paper) } },
          body: asked,
        }),
      ),
  })
}

/** Brings the appendices into the paper. */
export function useBringingAppendix(paper: string | undefined) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: async (wanted: { revision: number; appendix: Appendix }) => {
      const path = { id: String(paper) }
      const started = body(
        await api.POST('/api/papers/{id}/appendix', {
          params: { path },
          body: { ...wanted, appendix: settled(wanted.appendix) },
        }),
      )
      return finish(started, () => undefined)
    },
    onSuccess: () => client.invalidateQueries(),
  })
}

/** Fetches the appendices as a file of their own. */
export async function saveAppendix(whose: Whose, appendix: Appendix) {
  const blob = body(
    await api.POST('/api/appendices/docx', {
      body: { appendix: settled(appendix), ...whose },
      parseAs: 'blob',
    }),
  )
  saveAs(blob, 'appendix.docx')
}
