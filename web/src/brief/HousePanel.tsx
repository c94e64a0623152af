import { useId, useState } from 'react'
import type { Schemas } from '../api/client'
import { Notice } from '../ui/Notice'
import { type Asks, type House, merged, type Offer, offers, said, withoutValue, withValue } from './house'
import { SchemaField, type ValueSchema } from './SchemaField'
import { useCommonDifferences, useTold } from './useBrief'

const WEIGHTS: ValueSchema = { enum: ['required', 'advised', 'not-asked'] }
const MOST_OFFERS = 8
const NOTHING: House = { name: 'House rules', rules: {} }

/** What the course asks otherwise: found by saying it, listed against what the guide has. */
export function HousePanel({
  guide,
  asks,
  house = NOTHING,
  onHouse,
}: {
  guide: string
  asks: Asks
  house: House | undefined
  onHouse: (house: House) => void
}) {
  const common = useCommonDifferences()
  const told = useTold(guide, house)
  const [sought, setSought] = useState('')
  const [open, setOpen] = useState<{ rule: string; name: string } | null>(null)
  // Single values alone would be taken for all there is.
  const found = common.data ? offers(sought, common.data, asks, house.rules) : []
  const set = (rules: House['rules']) => onHouse({ ...house, rules })
  const take = ({ rules, value }: Offer) => {
    setSought('')
    if (rules) {
      set(merged(house.rules, rules))
    }
    setOpen(value ?? null)
  }
  const differences = told.data?.differences ?? []
  const opened = open && !differences.some(({ rule, name }) => rule === open.rule && name === open.name)
  return (
    <div className="flex flex-col gap-3">
      <Search sought={sought} onSought={setSought} found={found} onTake={take} />
      {told.error && <Notice message={told.error.message} />}
      {told.data?.contradictions.map((sentence) => (
        <p key={sentence} role="status" className="border-l-3 border-accent bg-base-200 px-3 py-2">
          <strong>These two do not go together.</strong> {sentence}
        </p>
      ))}
      {opened && (
        <div className="border-y border-base-content py-2">
          <ValueField asks={asks} house={house} at={open} onHouse={onHouse} onClose={() => setOpen(null)} />
        </div>
      )}
      {differences.length === 0 && !opened ? (
        <p className="text-soft">Nothing yet: the paper is judged by the guide as it is.</p>
      ) : (
        <ul className="border-t border-rule" aria-label="Differences from the guide">
          {differences.map((difference) => (
            <DifferenceRow
              key={`${difference.rule} ${difference.name}`}
              difference={difference}
              open={open?.rule === difference.rule && open.name === difference.name}
              onOpen={() => setOpen({ rule: difference.rule, name: difference.name })}
              onBack={() => {
                setOpen(null)
                set(withoutValue(house.rules, difference.rule, difference.name))
              }}
            >
              <ValueField
                asks={asks}
                house={house}
                at={difference}
                onHouse={onHouse}
                onClose={() => setOpen(null)}
              />
            </DifferenceRow>
          ))}
        </ul>
      )}
    </div>
  )
}

/** A field to say what differs in, with what is found so below it (the combobox pattern of the ARIA guide). */
function Search({
  sought,
  onSought,
  found,
  onTake,
}: {
  sought: string
  onSought: (text: string) => void
  found: Offer[]
  onTake: (offer: Offer) => void
}) {
  const list = useId()
  const [at, setAt] = useState(0)
  const shown = found.slice(0, MOST_OFFERS)
  const active = Math.min(at, shown.length - 1)
  const keys: Record<string, () => void> = {
    ArrowDown: () => setAt(Math.min(active + 1, shown.length - 1)),
    ArrowUp: () => setAt(Math.max(active - 1, 0)),
    Enter: () => shown[active] && onTake(shown[active]),
    Escape: () => onSought(''),
  }
  return (
    <div>
      <label className="flex flex-col gap-1">
        Say what differs
        <input
          role="combobox"
          aria-expanded={shown.length > 0}
          aria-controls={list}
          aria-autocomplete="list"
          aria-activedescendant={shown.length > 0 ? `${list}-${active}` : undefined}
          autoComplete="off"
          // What is found stands below it, and is to be in sight.
          onFocus={(event) => event.target.closest('label')?.scrollIntoView({ block: 'start' })}
          className="input"
          placeholder="the date too, no number on page 1, A4…"
          value={sought}
          onChange={(event) => {
            setAt(0)
            onSought(event.target.value)
          }}
          onKeyDown={(event) => {
            const act = keys[event.key]
            if (act) {
              event.preventDefault()
              act()
            }
          }}
        />
      </label>
      <div id={list} role="listbox" aria-label="Found" className="border-x border-b border-rule empty:hidden">
        {shown.map((offer, index) => (
          // The keys are listened to where the focus is: in the field.
          // eslint-disable-next-line jsx-a11y/click-events-have-key-events
          <div
            key={offer.key}
            id={`${list}-${index}`}
            role="option"
            tabIndex={-1}
            aria-selected={index === active}
            className="cursor-pointer px-3 py-1.5 hover:bg-base-200 aria-selected:bg-base-200"
            onClick={() => onTake(offer)}
          >
            {offer.words}
            {offer.about && <span className="block text-sm text-soft">{offer.about}</span>}
          </div>
        ))}
      </div>
      <p role="status" className="text-sm text-soft">
        {sought.trim() !== '' &&
          shown.length === 0 &&
          'Nothing is called so, or the guide asks that already.'}
        {found.length > shown.length && `${found.length - shown.length} more; say it more exactly.`}
      </p>
    </div>
  )
}

function DifferenceRow({
  difference,
  open,
  onOpen,
  onBack,
  children,
}: {
  difference: Schemas['DifferenceView']
  open: boolean
  onOpen: () => void
  onBack: () => void
  children: React.ReactNode
}) {
  const { title, name, is, guide } = difference
  const about = name === 'weight' ? '' : ` · ${name.replaceAll('-', ' ')}`
  return (
    <li className="border-b border-rule py-2">
      <div className="flex items-baseline gap-3">
        <span className="min-w-0 flex-1">
          {title}
          {about}: <strong>{is}</strong>
          <span className="block text-sm text-soft">the guide: {guide === '' ? 'not asked' : guide}</span>
        </span>
        <button
          type="button"
          className="pencil-link text-sm"
          aria-expanded={open}
          aria-label={`Change ${title}${about}`}
          onClick={onOpen}
        >
          change
        </button>
        <button
          type="button"
          className="pencil-link text-sm"
          aria-label={`${title}${about} as in the guide`}
          onClick={onBack}
        >
          as in the guide
        </button>
      </div>
      {open && <div className="mt-2">{children}</div>}
    </li>
  )
}

function ValueField({
  asks,
  house,
  at,
  onHouse,
  onClose,
}: {
  asks: Asks
  house: House
  at: { rule: string; name: string }
  onHouse: (house: House) => void
  onClose: () => void
}) {
  const ask = asks.rules.find(({ rule }) => rule === at.rule)
  const value = ask?.values.find(({ name }) => name === at.name)
  const schema = at.name === 'weight' ? WEIGHTS : (value?.schema as ValueSchema | undefined)
  if (!ask || !schema) {
    return null
  }
  return (
    <div className="flex flex-col gap-2">
      <SchemaField
        key={`${at.rule} ${at.name}`}
        schema={schema}
        label={`${ask.title}: ${value?.about ?? 'how strictly it is asked'}`}
        value={said(asks, house.rules, at.rule, at.name)}
        onValue={(changed) => onHouse({ ...house, rules: withValue(house.rules, at.rule, at.name, changed) })}
      />
      <button type="button" className="pencil-link self-start text-sm" onClick={onClose}>
        Done
      </button>
    </div>
  )
}
