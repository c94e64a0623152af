import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, body, long, type Schemas, sendFile } from '../api/client'
import { saveAs } from '../api/download'
import { examined, finish } from '../api/work'
import type { Whose } from '../table/useTable'
import type { Pasted } from '../ui/PasteBox'
import type { Line, MaterialSaid } from './lines'

/** Lines as somebody settled them, what was said of their parts, and in which order these stand. */
export interface Appendix {
  lines: Line[]
  materials: MaterialSaid[]
  /** Each by its place among the lines; none for that of the lines. */
  order: number[]
}

/** What is needed to make a file of them: not how each line came in. */
const settled = ({ lines, materials, order }: Appendix): Appendix => ({
  materials,
  order,
  lines: lines.map(({ words, role, reversed, part, picture }) => ({
    typed: '',
    words,
    role,
    reversed,
    part,
    ...(role === 'picture' && picture && { picture }),
  })),
})

/** What is needed to set them: of pictures only how large they are. */
const measured = (appendix: Appendix): Appendix => ({
  ...appendix,
  lines: settled(appendix).lines.map(({ picture, ...line }) => ({
    ...line,
    ...(picture && { picture: { id: picture.id, width: picture.width, height: picture.height } }),
  })),
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
  const asked = measured(appendix)
  return useQuery({
    queryKey: ['appendix-pages', whose, asked],
    enabled: appendix.lines.some(({ role }) => role !== 'out'),
    placeholderData: keepPreviousData,
    gcTime: 0,
    queryFn: async () => body(await api.POST('/api/appendices/pages', long({ appendix: asked, ...whose }))),
  })
}

/** The appendices in the order in which the paper mentions them first. */
export function useAppendixOrder(paper: string | undefined, appendix: Appendix, parts: number) {
  const asked = measured({ ...appendix, order: [] })
  return useQuery({
    queryKey: ['appendix-order', paper, asked],
    enabled: paper !== undefined && parts > 1,
    placeholderData: keepPreviousData,
    gcTime: 0,
    queryFn: () =>
      examined<Schemas['AppendixOrderView']>(() =>
        api.POST('/api/papers/{id}/appendix-order', {
          params: { path: { id: String(paper) } },
          ...long(asked),
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
          ...long({ ...wanted, appendix: settled(wanted.appendix) }),
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
      ...long({ appendix: settled(appendix), ...whose }),
      parseAs: 'blob',
    }),
  )
  saveAs(blob, 'appendix.docx')
}
