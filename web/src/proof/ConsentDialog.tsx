import { Dialog } from '../ui/Dialog'
import type { Place, Reading } from './useProof'

/** The one list of words that would change, shown before any of them is. */
export function ConsentDialog({
  readings,
  place,
  looksToo,
  onConfirm,
  onLooksOnly,
  onClose,
}: {
  readings: Reading[]
  /** The one place it is about, where it is about one. */
  place: Place | undefined
  /** Whether there are looks to put right as well, which need no consent. */
  looksToo: boolean
  onConfirm: () => void
  onLooksOnly: () => void
  onClose: () => void
}) {
  const changes = readings.flatMap((reading) => reading.changes.map((change) => ({ reading, change })))
  if (changes.length === 0) {
    return <Asked readings={readings} place={place} onConfirm={onConfirm} onClose={onClose} />
  }
  return (
    <Dialog title="These words would change" onClose={onClose}>
      <p className="text-soft">
        The guide dictates them to the letter. No other word of your paper is touched.
      </p>
      <table className="mt-3 w-full border-t border-base-content">
        <thead className="text-left text-sm text-soft">
          <tr className="border-b border-rule">
            <th className="py-1 font-normal">Where</th>
            <th className="py-1 font-normal">Before</th>
            <th className="py-1 font-normal">After</th>
          </tr>
        </thead>
        <tbody>
          {changes.map(({ reading, change }, index) => (
            <tr key={index} className="border-b border-rule align-top">
              <td className="py-2 pr-3">
                {reading.name}
                {change.where && <span className="block text-sm text-soft">{change.where}</span>}
              </td>
              <td className="py-2 pr-3">{change.before || <i className="text-soft">nothing</i>}</td>
              <td className="py-2 font-bold">
                {change.after || <i className="font-normal text-soft">nothing</i>}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 text-sm text-soft"># stands for the live page number.</p>
      <div className="mt-4 flex flex-wrap justify-end gap-3">
        <button type="button" className="btn btn-quiet" onClick={onClose}>
          Leave it
        </button>
        {looksToo && (
          <button type="button" className="btn btn-quiet" onClick={onLooksOnly}>
            Looks only
          </button>
        )}
        <button type="button" className="btn btn-primary" onClick={onConfirm}>
          Put right, with these words
        </button>
      </div>
    </Dialog>
  )
}

/** Whether something only the writer can judge is to be put right at one place. */
function Asked({
  readings,
  place,
  onConfirm,
  onClose,
}: {
  readings: Reading[]
  place: Place | undefined
  onConfirm: () => void
  onClose: () => void
}) {
  return (
    <Dialog title="Put this place right?" onClose={onClose}>
      {readings.map((reading) => (
        <p key={reading.key}>
          {reading.message} Asked is {reading.asked.text}; no word changes.
        </p>
      ))}
      {place && (
        <p className="mt-2 text-soft">
          Page {place.page}
          {place.quote && <>: “{place.quote}”</>}
        </p>
      )}
      <div className="mt-4 flex flex-wrap justify-end gap-3">
        <button type="button" className="btn btn-quiet" onClick={onClose}>
          Leave it
        </button>
        <button type="button" className="btn btn-primary" onClick={onConfirm}>
          Put right here
        </button>
      </div>
    </Dialog>
  )
}
