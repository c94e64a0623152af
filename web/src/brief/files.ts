import { api, body } from '../api/client'
import { saveAs } from '../api/download'
import type { Brief } from './useBrief'

/** Fetches the specimen as a PDF and hands it to the browser to keep. */
export async function saveSpecimen(brief: Brief) {
  const blob = body(await api.POST('/api/brief/specimen/pdf', { body: brief, parseAs: 'blob' }))
  saveAs(blob, `specimen-${brief.guide}.pdf`)
}

/** Fetches a new paper and hands it to the browser to keep. */
export async function saveNewPaper(brief: Brief, samples: boolean, name: string) {
  const answer = await api.POST('/api/brief/paper', {
    params: { query: { samples } },
    body: brief,
    parseAs: 'blob',
  })
  saveAs(body(answer), name)
}

/** A name for the file of a new paper: whose it is, else what it is called. */
export function fileNameOf({ authors, surname, more }: Brief): string {
  const named = authors[0]?.surname ?? surname
  const words = (named === '' ? (more.title ?? '') : named).normalize('NFC').match(/[\p{L}\p{N}]+/gu) ?? []
  return `${words.length > 0 ? words.slice(0, 4).join('-') : 'new'}-paper.docx`
}
