import { Dialog } from '../ui/Dialog'
import { cut, difference, type Piece } from './difference'
import type { Change, Place, Reading } from './useProof'

/** The one list of words that would change, every place once, shown before any of them does. */
export function ConsentDialog({
  words,
  one,
  looksToo,
  onConfirm,
  onLooksOnly,
  onClose,
}: {
  words: Change[]
  /** The one reading and place it is about, where it is about one. */
  one: { reading: Reading; place: Place } | undefined
  /** Whether there are looks to put right as well, which need no consent. */
  looksToo: boolean
  onConfirm: () => void
  onLooksOnly: () => void
  onClose: () => void
}) {
  return (
    <Dialog
      title={
        words.length === 0
          ? 'Put this right?'
          : words.length === 1
            ? 'Words would change at one place'
            : `Words would change at ${words.length} places`
      }
      onClose={onClose}
    >
      {one && (
        <p>
          {one.reading.message}
          <span className="mt-1 block text-soft">
            Page {one.place.page}
            {one.place.quote && <>: “{one.place.quote}”</>}
          </span>
        </p>
      )}
      {words.length === 0 ? (
        <p className="mt-2 text-soft">No word of your paper changes.</p>
      ) : (
        <>
          <p className="text-soft">No other word of your paper is touched.</p>
          <WordChanges words={words} />
        </>
      )}
      <div className="mt-4 flex flex-wrap justify-end gap-3">
        <button type="button" className="btn btn-quiet" onClick={onClose}>
          Leave it
        </button>
        {looksToo && words.length > 0 && (
          <button type="button" className="btn btn-quiet" onClick={onLooksOnly}>
            Looks only
          </button>
        )}
        <button type="button" className="btn btn-primary" onClick={onConfirm}>
          {words.length > 0 ? 'Put right, with these words' : one ? 'Put right here' : 'Put right'}
        </button>
      </div>
    </Dialog>
  )
}

/** Words of which some differ from those on the other side. */
function Side({ words }: { words: Piece[] }) {
  if (words.length === 0) {
    return <i className="text-soft">nothing</i>
  }
  return words.map(({ text, differs }, index) => (differs ? <b key={index}>{text}</b> : text))
}

/** Where words change, what stands there now, and what will stand there when all is done. */
export function WordChanges({ words }: { words: Change[] }) {
  const numbered = words.some(({ before, after }) => /#/.test(before + after))
  return (
    <>
      <div className="mt-3 max-h-[50vh] overflow-y-auto border-t border-base-content">
        <table className="w-full [overflow-wrap:anywhere]">
          <thead className="text-left text-sm text-soft">
            <tr className="border-b border-rule">
              <th className="w-24 py-1 font-normal">Where</th>
              <th className="py-1 font-normal">Now</th>
              <th className="py-1 font-normal">Then</th>
            </tr>
          </thead>
          <tbody>
            {words.map(({ where, page, before, after, moved }, index) => (
              <tr key={index} className="border-b border-rule align-top">
                <td className="py-2 pr-3 text-sm text-soft">
                  {where}
                  {page !== undefined && <span className="block">page {page}</span>}
                </td>
                <td className="py-2 pr-3">
                  {moved ? cut(before) : <Side words={difference(before, after).before} />}
                </td>
                <td className="py-2">
                  {moved ? (
                    <i className="text-soft">the same words, at another place</i>
                  ) : (
                    <Side words={difference(before, after).after} />
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {numbered && <p className="mt-2 text-sm text-soft"># stands for the live page number.</p>}
    </>
  )
}
