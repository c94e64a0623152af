import { Key } from '../ui/Key'
import { isOpen, isSafe, stands } from './choice'
import { StetForm } from './StetForm'
import type { Reading } from './useProof'

/** What a row of the ledger can ask for. */
export interface RowActions {
  busy: boolean
  /** Key of the reading pointed at, whose marks and dimension lines stand out with its row. */
  lit: string | null
  /** Key of the reading whose reason to stand is being written. */
  letting: string | null
  onLit: (reading: string | null) => void
  onReading: (key: string | null) => void
  onPutRight: (reading: Reading) => void
  onPutPlaceRight: (reading: Reading) => void
  onNextPlace: (reading: Reading) => void
  onLetting: (reading: string | null) => void
  onStet: (reading: Reading, reason: string) => void
  onLift: (reading: Reading) => void
}

const COLUMNS = 'grid grid-cols-[minmax(0,1fr)_72px_72px_68px] gap-x-2'
/** What is longer than its column gets a line of its own. */
const COLUMN_LETTERS = 11

/** The heads of the ledger's columns. */
export function LedgerHead() {
  return (
    <div
      className={`${COLUMNS} border-b border-base-content px-2 py-1 text-right text-[13px] text-soft`}
      aria-hidden="true"
    >
      <span className="text-left">Reading</span>
      <span>Is</span>
      <span>Asked</span>
      <span>Off by</span>
    </div>
  )
}

/** A reading as a row of the ledger; the open one says why and what can be done. */
export function ReadingRow({
  reading,
  open,
  stop,
  nested = false,
  ...actions
}: RowActions & {
  reading: Reading
  open: boolean
  /** Whether the tabulator comes to this row of its list. */
  stop: boolean
  /** Whether it stands under a row of its cause. */
  nested?: boolean
}) {
  const { lit, onLit, onReading } = actions
  const is = reading.is.text
  const asked = reading.asked.text
  const long = is.length > COLUMN_LETTERS || asked.length > COLUMN_LETTERS
  const strong = isOpen(reading) ? 'font-bold' : ''
  const standing = stands(reading)
  const ground = open ? 'bg-base-100' : reading.key === lit ? 'bg-base-300/60' : ''
  return (
    <li
      className={`border-b border-rule last:border-b-0 ${ground}`}
      data-reading={reading.key}
      data-lit={reading.key === lit || undefined}
    >
      <button
        type="button"
        data-row={reading.key}
        tabIndex={stop ? 0 : -1}
        aria-expanded={open}
        onClick={() => onReading(open ? null : reading.key)}
        onMouseEnter={() => onLit(reading.key)}
        onMouseLeave={() => onLit(null)}
        onFocus={() => onLit(reading.key)}
        onBlur={() => onLit(null)}
        className={`${COLUMNS} w-full items-baseline gap-y-0.5 py-1.5 pr-2 text-right hover:bg-base-100 ${nested ? 'pl-6' : 'pl-2'} ${
          reading.off ? '' : 'text-soft'
        }`}
      >
        <span className={`text-left ${long ? 'col-span-3' : ''}`}>
          <span className={standing ? 'border-b-2 border-dotted border-accent text-accent' : ''}>
            {reading.name}
          </span>
          {isOpen(reading) && reading.places.length > 1 && (
            <span className="pl-1.5 text-[13px] whitespace-nowrap text-soft">
              {reading.places.length} ×<span className="sr-only"> places</span>
            </span>
          )}
          {isOpen(reading) && reading.weight === 'advised' && (
            <span className="pl-1.5 text-[13px] text-soft">advised</span>
          )}
        </span>
        {!long && (
          <>
            <span className={strong}>
              <span className="sr-only">is </span>
              {is}
            </span>
            <span>
              <span className="sr-only">asked </span>
              {asked}
            </span>
          </>
        )}
        <span className={isOpen(reading) ? 'font-bold text-primary' : standing ? '' : 'text-sm'}>
          {state(reading)}
        </span>
        {long && (
          <span className="col-span-4 text-left text-sm">
            <span className={strong}>{is}</span>
            {reading.off && <span className="text-soft"> · asked {asked}</span>}
          </span>
        )}
        {standing && <span className="col-span-4 text-left text-sm text-soft">stet: “{reading.stet}”</span>}
      </button>
      {open && <Details reading={reading} {...actions} />}
    </li>
  )
}

function Details({
  reading,
  busy,
  letting,
  onPutRight,
  onPutPlaceRight,
  onNextPlace,
  onLetting,
  onStet,
  onLift,
}: RowActions & { reading: Reading }) {
  const places = reading.places.length
  return (
    <div className="px-2 pb-3 text-[15px] leading-snug">
      <p>
        {reading.off ? `${reading.message} ` : ''}
        {reading.why} <i className="text-soft">{reading.source}</i>
        {reading.guideAsks && (
          <span className="block text-soft">
            Asked by your house rules; the guide itself: {reading.guideAsks}.
          </span>
        )}
        {isOpen(reading) && !reading.mendable && (
          <b className="font-medium"> Settle it in your own file, then bring that again.</b>
        )}
      </p>
      {letting === reading.key ? (
        <StetForm
          name={reading.name}
          busy={busy}
          onStet={(reason) => onStet(reading, reason)}
          onClose={() => onLetting(null)}
        />
      ) : (
        reading.off && (
          <div className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1">
            {reading.mendable && (
              <Command keyName="P" disabled={busy} onClick={() => onPutRight(reading)}>
                {isSafe(reading) ? 'Put right' : 'Put right here…'}
              </Command>
            )}
            {isSafe(reading) && places > 1 && (
              <Command disabled={busy} onClick={() => onPutPlaceRight(reading)}>
                Only here
              </Command>
            )}
            {stands(reading) ? (
              <Command keyName="S" disabled={busy} onClick={() => onLift(reading)}>
                Lift stet
              </Command>
            ) : (
              <Command keyName="S" disabled={busy} onClick={() => onLetting(reading.key)}>
                Stet
              </Command>
            )}
            {places > 0 && (
              <Command keyName="N" onClick={() => onNextPlace(reading)}>
                {places > 1 ? `Next of ${places} places` : 'Show the place'}
              </Command>
            )}
          </div>
        )
      )}
    </div>
  )
}

function Command({
  keyName,
  children,
  ...button
}: {
  keyName?: string
  children: string
  disabled?: boolean
  onClick: () => void
}) {
  return (
    <span className="flex items-center gap-1.5">
      <button type="button" className="pencil-link" {...button}>
        {children}
      </button>
      {keyName && <Key name={keyName} />}
    </span>
  )
}

function state(reading: Reading): string {
  return reading.off ? reading.offBy || 'off' : 'met'
}
