import { Dialog } from '../ui/Dialog'
import type { Reading } from './useProof'

/** The one list of words that would change, shown before any of them is. */
export function ConsentDialog({
  readings,
  looksToo,
  onConfirm,
  onLooksOnly,
  onClose,
}: {
  readings: Reading[]
  /** Whether there are looks to put right as well, which need no consent. */
  looksToo: boolean
  onConfirm: () => void
  onLooksOnly: () => void
  onClose: () => void
}) {
  const changes = readings.flatMap((reading) => reading.changes.map((change) => ({ reading, change })))
  return (
    <Dialog title="These words would change" onClose={onClose}>
      <p className="text-soft">
        The guide dictates them to the letter. The text of your paper is not touched.
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
          {changes.map(({ reading, change }) => (
            <tr key={reading.key} className="border-b border-rule align-top">
              <td className="py-2 pr-3">{reading.name}</td>
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
