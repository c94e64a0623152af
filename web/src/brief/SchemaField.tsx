/** How a value is written (JSON Schema), as far as guides use it. */
export interface ValueSchema {
  type?: string | string[]
  enum?: unknown[]
  const?: unknown
  pattern?: string
  items?: ValueSchema
  properties?: Record<string, ValueSchema>
  additionalProperties?: ValueSchema | boolean
  anyOf?: ValueSchema[]
}

const told = (word: unknown) =>
  word === true ? 'yes' : word === false ? 'no' : String(word).replaceAll('-', ' ')

/** A text or a number as it is typed. */
const plain = (value: unknown) =>
  typeof value === 'string' || typeof value === 'number' ? value.toString() : ''

/** A field for a value of a guide, made from how the value is written. */
export function SchemaField({
  schema,
  label,
  value,
  onValue,
}: {
  schema: ValueSchema
  label: string
  value: unknown
  onValue: (value: unknown) => void
}) {
  const choices = schema.enum ?? (schema.type === 'boolean' ? [true, false] : undefined)
  if (choices) {
    return <Choice choices={choices} label={label} value={value} onValue={onValue} />
  }
  if (schema.anyOf) {
    return <AnyOrList schema={schema.anyOf} label={label} value={value} onValue={onValue} />
  }
  if (schema.type === 'array') {
    return <ListField of={schema.items ?? {}} label={label} value={value} onValue={onValue} />
  }
  if (schema.type === 'object') {
    return <Parts schema={schema} label={label} value={value} onValue={onValue} />
  }
  const number = [schema.type].flat().some((type) => type === 'number' || type === 'integer')
  return (
    <label className="flex flex-col gap-1 text-sm">
      {label}
      <input
        className="input input-sm"
        inputMode={number ? 'decimal' : undefined}
        placeholder={schema.pattern?.includes('in|cm') ? '1 in, 2.5 cm, 12 pt' : undefined}
        defaultValue={plain(value)}
        onBlur={(event) => settle(event.target.value, value, onValue)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') {
            event.preventDefault()
            settle(event.currentTarget.value, value, onValue)
          }
        }}
      />
    </label>
  )
}

/** Typed values count once they are whole, not letter by letter. */
function settle(text: string, before: unknown, onValue: (value: unknown) => void) {
  const typed = text.trim()
  if (typed !== '' && typed !== plain(before)) {
    onValue(/^\d+(\.\d+)?$/.test(typed) ? Number(typed) : typed)
  }
}

function Choice({
  choices,
  label,
  value,
  onValue,
}: {
  choices: unknown[]
  label: string
  value: unknown
  onValue: (value: unknown) => void
}) {
  return (
    <label className="flex flex-col gap-1 text-sm">
      {label}
      <select
        className="select select-sm"
        value={value === undefined ? '' : JSON.stringify(value)}
        onChange={(event) => onValue(JSON.parse(event.target.value))}
      >
        {value === undefined && <option value="">choose</option>}
        {choices.map((choice) => (
          <option key={String(choice)} value={JSON.stringify(choice)}>
            {told(choice)}
          </option>
        ))}
      </select>
    </label>
  )
}

/** A word that stands for all there are, or a list. */
function AnyOrList({
  schema,
  label,
  value,
  onValue,
}: {
  schema: ValueSchema[]
  label: string
  value: unknown
  onValue: (value: unknown) => void
}) {
  const word = schema.find((each) => each.const !== undefined)?.const
  const list = schema.find((each) => each.type === 'array') ?? {}
  return (
    <div className="flex flex-col gap-2">
      <label className="flex items-center gap-2 text-sm">
        <input
          type="checkbox"
          className="checkbox checkbox-sm"
          checked={value === word}
          onChange={(event) => onValue(event.target.checked ? word : ['Times New Roman'])}
        />
        {told(word)}
      </label>
      {value !== word && <SchemaField schema={list} label={label} value={value} onValue={onValue} />}
    </div>
  )
}

/** Items one to a line; those of a closed list of words are chosen, in order. */
function ListField({
  of,
  label,
  value,
  onValue,
}: {
  of: ValueSchema
  label: string
  value: unknown
  onValue: (value: unknown) => void
}) {
  const items = Array.isArray(value) ? (value as unknown[]) : []
  const put = (index: number, item: unknown) => onValue(items.map((each, at) => (at === index ? item : each)))
  if (of.enum) {
    const left = of.enum.filter((word) => !items.includes(word))
    return (
      <fieldset className="flex flex-col gap-1 text-sm">
        <legend className="mb-1">{label}</legend>
        <ol className="flex flex-col">
          {items.map((item, index) => (
            <li key={String(item)} className="flex items-center gap-3 border-b border-rule py-1">
              <span className="flex-1">{told(item)}</span>
              {index > 0 && (
                <button
                  type="button"
                  className="pencil-link"
                  aria-label={`${told(item)} one up`}
                  onClick={() =>
                    onValue([...items.slice(0, index - 1), item, items[index - 1], ...items.slice(index + 1)])
                  }
                >
                  up
                </button>
              )}
              <button
                type="button"
                className="pencil-link"
                aria-label={`Leave out ${told(item)}`}
                onClick={() => onValue(items.filter((_, at) => at !== index))}
              >
                leave out
              </button>
            </li>
          ))}
        </ol>
        {left.length > 0 && (
          <select
            className="select select-sm"
            aria-label={`Add to ${label}`}
            value=""
            onChange={(event) => onValue([...items, event.target.value])}
          >
            <option value="">add…</option>
            {left.map((word) => (
              <option key={String(word)} value={String(word)}>
                {told(word)}
              </option>
            ))}
          </select>
        )}
      </fieldset>
    )
  }
  if (of.type === 'object') {
    return (
      <fieldset className="flex flex-col gap-3 text-sm">
        <legend className="mb-1">{label}</legend>
        {items.map((item, index) => (
          <Parts
            key={index}
            schema={of}
            label={`${index + 1}`}
            value={item}
            onValue={(changed) => put(index, changed)}
          />
        ))}
      </fieldset>
    )
  }
  return (
    <label className="flex flex-col gap-1 text-sm">
      {label}, one to a line
      <textarea
        className="textarea textarea-sm w-full border-soft bg-base-100"
        rows={Math.max(2, items.length)}
        defaultValue={items.map(String).join('\n')}
        onBlur={(event) => {
          const lines = event.target.value.split('\n').map((line) => line.trim())
          const filled = lines.filter((line) => line !== '')
          if (filled.length > 0 && filled.join('\n') !== items.join('\n')) {
            onValue(filled)
          }
        }}
      />
    </label>
  )
}

/** A value made of named values, each with a field of its own. */
function Parts({
  schema,
  label,
  value,
  onValue,
}: {
  schema: ValueSchema
  label: string
  value: unknown
  onValue: (value: unknown) => void
}) {
  const parts = (value ?? {}) as Record<string, unknown>
  const named = schema.properties ?? {}
  const free = typeof schema.additionalProperties === 'object' ? schema.additionalProperties : null
  return (
    <fieldset className="border-l-2 border-rule pl-3">
      <legend className="text-sm">{label}</legend>
      <div className="grid grid-cols-2 gap-2">
        {Object.entries(named).map(([name, part]) => (
          <SchemaField
            key={name}
            schema={part}
            label={told(name)}
            value={parts[name]}
            onValue={(changed) => onValue({ ...parts, [name]: changed })}
          />
        ))}
        {free &&
          Object.entries(parts).map(([name, part]) => (
            <SchemaField
              key={name}
              schema={free}
              label={name}
              value={part}
              onValue={(changed) => onValue({ ...parts, [name]: changed })}
            />
          ))}
      </div>
    </fieldset>
  )
}
