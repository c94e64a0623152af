import { answerProblem } from './client'
import { finish, type OnWork, type Work } from './work'

/** A file that was handed to the browser. */
export interface Downloaded {
  name: string
  bytes: number
}

/**
 * Fetches a file, waiting for the work that makes it, and hands it to the browser to keep; a refusal comes as words and
 * not as a page.
 */
export async function download(path: string, onWork: OnWork): Promise<Downloaded> {
  let response = await fetch(path)
  while (response.status === 202) {
    await finish((await response.json()) as Work, onWork)
    response = await fetch(path)
  }
  if (!response.ok) {
    throw await answerProblem(response)
  }
  return saveAs(await response.blob(), nameIn(response.headers.get('Content-Disposition') ?? ''))
}

/** Hands a file to the browser to keep. */
export function saveAs(blob: Blob, name: string): Downloaded {
  const address = URL.createObjectURL(blob)
  const link = document.createElement('a')
  link.href = address
  link.download = name
  link.click()
  // The browser reads the file after the click; the address must outlive it by a little.
  setTimeout(() => URL.revokeObjectURL(address), 60_000)
  return { name, bytes: blob.size }
}

/** The name of a file as its head gives it (RFC 6266, the extended form). */
export function nameIn(disposition: string): string {
  const encoded = /filename\*=UTF-8''([^;]+)/i.exec(disposition)?.[1]
  return encoded ? decodeURIComponent(encoded) : 'paper'
}
