import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query'
import { api, body, type Schemas, sendFile } from '../api/client'
import { saveAs } from '../api/download'
import { useSettings } from '../ui/settings'
import { type Coming, file, type Sheet, type Whose } from './useTable'

export type MadeFigure = Schemas['MadeFigureView']
export type Figure = Schemas['FigureChoice']

/** What somebody wants of a figure. */
export interface FigureWish {
  kind: string | null
  roles: string[]
  spread: string | null
  line: boolean
  turned: boolean
}

/** Understands cells and draws a figure of them. */
export function useDrawing(whose: Whose) {
  return useMutation({
    mutationFn: ({ sheets, wish }: { sheets: Sheet[]; wish: FigureWish }) =>
      sendFile<MadeFigure>('/api/figures/made', file({ sheets, ...wish, ...whose }), {}),
  })
}

/** The figure on a page; what was shown stays while the next is on its way. */
export function useFigurePage(whose: Whose, figure: Figure | null, number: number) {
  const { units } = useSettings()
  return useQuery({
    queryKey: ['figure-page', whose, figure, number, units],
    enabled: figure !== null,
    placeholderData: keepPreviousData,
    gcTime: 0,
    queryFn: async () =>
      body(
        await api.POST('/api/figures/page', {
          params: { query: { units } },
          body: { figure: figure as Figure, number, ...whose },
        }),
      ),
  })
}

/** What stands for a picture that is on its way. */
const NOTHING = 'data:,'

/** Address of the drawn chart, which holds it. */
export function useDrawn(whose: Whose, figure: Figure | null) {
  const drawn = useQuery({
    queryKey: ['figure-picture', figure?.chart],
    enabled: figure !== null,
    placeholderData: keepPreviousData,
    gcTime: 0,
    queryFn: async () =>
      addressOf(
        body(
          await api.POST('/api/figures/picture', {
            body: { figure: figure as Figure, number: 1, ...whose },
            parseAs: 'blob',
          }),
        ),
      ),
  })
  return drawn.data ?? NOTHING
}

const addressOf = (picture: Blob) =>
  new Promise<string>((resolve, reject) => {
    const reader = new FileReader()
    reader.onload = () => resolve(reader.result as string)
    reader.onerror = () => reject(new Error('The drawn figure could not be shown.'))
    reader.readAsDataURL(picture)
  })

/** Brings a figure into a paper. */
export async function bringFigure(paper: string, figure: Figure, coming: Coming) {
  const params = { path: { id: paper } }
  return body(await api.POST('/api/papers/{id}/figure', { params, body: { figure, ...coming } }))
}

/** Fetches the figure as a file of its own. */
export async function saveFigure(whose: Whose, figure: Figure, number: number) {
  const blob = body(
    await api.POST('/api/figures/docx', { body: { figure, number, ...whose }, parseAs: 'blob' }),
  )
  saveAs(blob, `figure-${number}.docx`)
}
