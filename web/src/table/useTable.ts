import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, body, type Schemas, sendFile } from '../api/client'
import { saveAs } from '../api/download'
import { examined, finish } from '../api/work'
import type { Pasted } from '../ui/PasteBox'
import { useSettings } from '../ui/settings'
import type { Table } from './grid'

export type Sheet = Schemas['SheetChoice']
export type Made = Schemas['MadeTableView']
export type Places = Schemas['TablePlacesView']

/** What somebody wants of a table. */
export interface Wish {
  kind: string | null
  roles: string[]
  asterisks: boolean
  equalVariances: boolean | null
}

/** Whose guide holds: that of a paper, or one by its id. */
export type Whose = { paper: string } | { guide: string }

const file = (data: unknown) => new File([JSON.stringify(data)], 'cells.json', { type: 'application/json' })

/** Reads cells out of a file, or of what was pasted. */
export function useReading() {
  return useMutation({
    mutationFn: async (source: File | Pasted) => {
      const read =
        source instanceof File
          ? await sendFile<Schemas['SheetsView']>('/api/tables/file', source, {})
          : await sendFile<Schemas['SheetsView']>('/api/tables/paste', file(source), {})
      return read.sheets
    },
  })
}

/** Understands cells and makes a table of them. */
export function useMaking(whose: Whose) {
  return useMutation({
    mutationFn: ({ sheets, wish }: { sheets: Sheet[]; wish: Wish }) =>
      sendFile<Made>('/api/tables/made', file({ sheets, ...wish, ...whose }), {}),
  })
}

/** The table on a page, with its measures; what was shown stays while the next is on its way. */
export function useTablePage(whose: Whose, table: Table | null, number: number) {
  const { units } = useSettings()
  return useQuery({
    queryKey: ['table-page', whose, table, number, units],
    enabled: table !== null,
    placeholderData: keepPreviousData,
    gcTime: 0,
    queryFn: async () =>
      body(
        await api.POST('/api/tables/page', {
          params: { query: { units } },
          body: { table: table as Table, number, ...whose },
        }),
      ),
  })
}

/** Where a table can come into a paper. */
export function usePlaces(paper: string | undefined) {
  return useQuery({
    queryKey: ['table-places', paper],
    enabled: paper !== undefined,
    staleTime: 0,
    queryFn: () =>
      examined<Places>(() =>
        api.GET('/api/papers/{id}/table-places', { params: { path: { id: String(paper) } } }),
      ),
  })
}

/** Brings the table into the paper. */
export function useBringing(paper: string | undefined) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: async (wanted: { table: Table; revision: number; paragraph: number; mention: boolean }) => {
      const path = { id: String(paper) }
      const started = body(await api.POST('/api/papers/{id}/table', { params: { path }, body: wanted }))
      return finish(started, () => undefined)
    },
    onSuccess: () => client.invalidateQueries(),
  })
}

/** Fetches the table as a file of its own. */
export async function saveTable(whose: Whose, table: Table, number: number) {
  const blob = body(
    await api.POST('/api/tables/docx', { body: { table, number, ...whose }, parseAs: 'blob' }),
  )
  saveAs(blob, `table-${number}.docx`)
}
