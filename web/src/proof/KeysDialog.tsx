import { Dialog } from '../ui/Dialog'
import { Key } from '../ui/Key'
import { changeSettings, useSettings } from '../ui/settings'

const KEYS: [string[], string][] = [
  [['J'], 'next mark'],
  [['K'], 'previous mark'],
  [['N'], 'next place of the chosen reading'],
  [['P'], 'put the chosen reading right'],
  [['S'], 'let the chosen reading stand, or lift that'],
  [['A'], 'put right all that is safe'],
  [['U'], 'undo, as Ctrl or Cmd and Z'],
  [['R'], 'redo, as with Shift as well'],
  [['1', '…', '9'], 'go to one of the first stations'],
  [[',', '.'], 'station before, station after'],
  [['G'], 'go to a page'],
  [['/'], 'find words in the paper'],
  [['Q'], 'answer the open questions, one after the other'],
  [['B'], 'before and after'],
  [['T'], 'what each paragraph was taken for'],
  [['M'], 'the specimen beside the proof'],
  [['Z'], 'next size of the pages'],
  [['H'], 'hand in'],
  [['?'], 'this list'],
]

/** All keys of the proof, and the switch that turns them off. */
export function KeysDialog({ onClose }: { onClose: () => void }) {
  const { singleKeys } = useSettings()
  return (
    <Dialog title="Keys" onClose={onClose}>
      <dl className="border-t border-base-content">
        {KEYS.map(([keys, what]) => (
          <div key={what} className="flex justify-between border-b border-rule py-1.5">
            <dt>{what}</dt>
            <dd className="flex gap-1">
              {keys.map((key) => (
                <Key key={key} name={key} />
              ))}
            </dd>
          </div>
        ))}
      </dl>
      <label className="mt-4 flex items-center gap-2">
        <input
          type="checkbox"
          className="checkbox checkbox-sm"
          checked={singleKeys}
          onChange={(event) => changeSettings({ singleKeys: event.target.checked })}
        />
        Single-letter keys are on
      </label>
      <div className="mt-4 flex justify-end">
        <button type="button" className="btn btn-quiet" onClick={onClose}>
          Close
        </button>
      </div>
    </Dialog>
  )
}
