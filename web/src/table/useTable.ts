import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, body, type Schemas, sendFile } from '../api/client'
import { saveAs } from '../api/download'
import { examined, finish, type Work } from '../api/work'
import type { Pasted } from '../ui/PasteBox'
import { useSettings } from '../ui/settings'
import type { Table } from './grid'

export type Sheet = Schemas['SheetChoice']
export type Made = Schemas['MadeTableView']
export type Places = Schemas['ObjectPlacesView']

/** What is made of cells. */
export type Kind = 'table' | 'figure'

/** What somebody wants of a table. */
export interface Wish {
  kind: string | null
  roles: string[]
  asterisks: boolean
  intervals: boolean
  equalVariances: boolean | null
}

/** Whose guide holds: that of a paper, or one by its id. */
export type Whose = { paper: string } | { guide: string }

/** Something sent as a file, whose size is not bounded as that of a request is. */
export const file = (data: unknown) =>
  new File([JSON.stringify(data)], 'cells.json', { type: 'application/json' })

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
export function useTableMaking(whose: Whose) {
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

/** Where a table, or a figure, can come into a paper. */
function usePlaces(paper: string | undefined, kind: Kind) {
  return useQuery({
    queryKey: ['places', kind, paper],
    enabled: paper !== undefined,
    staleTime: 0,
    queryFn: () =>
      examined<Places>(() =>
        api.GET(`/api/papers/{id}/${kind}-places`, { params: { path: { id: String(paper) } } }),
      ),
  })
}

/** The place that is chosen, at first the likeliest, and the number that is borne there. */
export function usePlace(paper: string | undefined, kind: Kind) {
  const places = usePlaces(paper, kind).data
  const [paragraph, choose] = useState<number | null>(null)
  const place =
    places?.places.find((each) => each.paragraph === (paragraph ?? places.likeliest)) ?? places?.places.at(-1)
  return { places, place, number: place?.number ?? 1, choose }
}

/** The tables that a paper has, as cells. */
export function usePaperTables(paper: string | undefined) {
  return useQuery({
    queryKey: ['tables', paper],
    enabled: paper !== undefined,
    staleTime: 0,
    queryFn: () =>
      examined<Schemas['PaperTablesView']>(() =>
        api.GET('/api/papers/{id}/tables', { params: { path: { id: String(paper) } } }),
      ),
  })
}

/** Where something comes into a paper, and whether the paragraph before it is to name it. */
export interface Coming {
  revision: number
  paragraph: number
  mention: boolean
}

/** Brings something made into a paper. */
export function useBringing(start: (coming: Coming) => Promise<Work>) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: async (coming: Coming) => finish(await start(coming), () => undefined),
    onSuccess: () => client.invalidateQueries(),
  })
}

/** Brings a table into a paper. */
export async function bringTable(paper: string, table: Table, coming: Coming) {
  const params = { path: { id: paper } }
  return body(await api.POST('/api/papers/{id}/table', { params, body: { table, ...coming } }))
}

/** Fetches the table as a file of its own. */
export async function saveTable(whose: Whose, table: Table, number: number) {
  const blob = body(
    await api.POST('/api/tables/docx', { body: { table, number, ...whose }, parseAs: 'blob' }),
  )
  saveAs(blob, `table-${number}.docx`)
}
