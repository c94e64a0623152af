import { useState } from 'react'
import { Dialog } from '../ui/Dialog'
import { Key } from '../ui/Key'
import { changeSettings, useSettings } from '../ui/settings'
import type { Paper } from './useProof'
import { nextZoom, ZOOMS } from './zoom'

/** The pledge about the writer's words, the keys, the unit and the size of the pages. */
export function ProofFooter({
  paper,
  busy,
  onBringAgain,
  onKeys,
}: {
  paper: Paper
  busy: boolean
  onBringAgain: (file: File) => void
  onKeys: () => void
}) {
  const { units, zoom } = useSettings()
  const [listing, setListing] = useState(false)
  return (
    <footer className="flex h-7 items-center gap-x-6 gap-y-1 overflow-hidden border-t border-rule px-4 text-[13px] whitespace-nowrap text-soft max-md:h-auto max-md:flex-wrap max-md:py-1.5">
      <span className="text-base-content">
        Words as you wrote them <b>{paper.words.toLocaleString('en')}</b>, changed with your consent{' '}
        {paper.changes.length > 0 ? (
          <button type="button" className="font-bold underline" onClick={() => setListing(true)}>
            {paper.changes.length}
          </button>
        ) : (
          <b>0</b>
        )}
      </span>
      <span className="hidden items-center gap-1 lg:flex">
        <Key name="J" />
        <Key name="K" /> next, previous mark
      </span>
      <span className="hidden items-center gap-1 lg:flex">
        <Key name="1" />–<Key name="9" /> station
      </span>
      <span className="hidden items-center gap-1 xl:flex">
        <Key name="/" /> find
      </span>
      <button
        type="button"
        className="hidden items-center gap-1 hover:text-base-content lg:flex"
        onClick={onKeys}
      >
        <Key name="?" /> all keys
      </button>
      <label className="ml-auto flex cursor-pointer items-center gap-1 focus-within:text-base-content hover:text-base-content">
        bring a newer file
        <input
          type="file"
          accept=".docx"
          className="sr-only"
          disabled={busy}
          onChange={(event) => {
            const file = event.target.files?.[0]
            event.target.value = ''
            if (file) {
              onBringAgain(file)
            }
          }}
        />
      </label>
      <button
        type="button"
        className="hover:text-base-content"
        onClick={() => changeSettings({ units: units === 'inches' ? 'centimetres' : 'inches' })}
      >
        <span className="sr-only">Lengths in </span>
        {units}
      </button>
      <button
        type="button"
        className="flex items-center gap-1 hover:text-base-content"
        onClick={() => changeSettings({ zoom: nextZoom(zoom) })}
      >
        <span className="sr-only">Size of the pages: </span>
        {ZOOMS[zoom]} <Key name="Z" />
      </button>
      {listing && (
        <Dialog title="Changed with your consent" onClose={() => setListing(false)}>
          <ul className="border-t border-base-content whitespace-normal text-base-content">
            {paper.changes.map((change, index) => (
              <li key={index} className="border-b border-rule py-2">
                {change.before || <i>nothing</i>} → <b>{change.after || <i>nothing</i>}</b>
              </li>
            ))}
          </ul>
          <div className="mt-4 flex justify-end">
            <button type="button" className="btn btn-quiet" onClick={() => setListing(false)}>
              Close
            </button>
          </div>
        </Dialog>
      )}
    </footer>
  )
}
