import { TextField } from '../ui/TextField'
import type { Author, Brief } from './useBrief'

/** Facts a guide may have a place for, as they are called and typed. */
const FIELDS: Record<string, { label: string; type?: string; wide?: boolean }> = {
  title: { label: 'Title', wide: true },
  subtitle: { label: 'Subtitle', wide: true },
  institution: { label: 'Institution' },
  department: { label: 'Department' },
  'course-number': { label: 'Course number' },
  'course-name': { label: 'Course' },
  'class-period': { label: 'Class period' },
  instructor: { label: 'Instructor' },
  assignment: { label: 'Assignment' },
  date: { label: 'Date', type: 'date' },
  'word-limit': { label: 'Most words', type: 'number' },
  'page-limit': { label: 'Most pages', type: 'number' },
}

const LONGEST = 400

/** The facts of a paper: those the guide has a place for, and no others. */
export function FactsForm({
  brief,
  needs,
  shortTitleMost,
  onChange,
}: {
  brief: Brief
  needs: string[]
  shortTitleMost: number | undefined
  onChange: (change: Partial<Brief>) => void
}) {
  const authors = brief.authors.length > 0 ? brief.authors : [{ surname: brief.surname }]
  return (
    <div className="grid grid-cols-2 gap-x-4 gap-y-3 max-sm:grid-cols-1">
      {needs.map((fact) => {
        if (fact === 'authors') {
          return <Authors key={fact} authors={authors} onChange={(named) => onChange({ authors: named })} />
        }
        if (fact === 'short-title') {
          return (
            <ShortTitle
              key={fact}
              value={brief.shortTitle}
              most={shortTitleMost}
              onText={(shortTitle) => onChange({ shortTitle })}
            />
          )
        }
        const field = FIELDS[fact]
        return (
          field && (
            <div key={fact} className={field.wide ? 'col-span-full flex' : 'flex'}>
              <TextField
                label={field.label}
                type={field.type ?? 'text'}
                {...(field.type === 'number' ? { min: 1, max: 1_000_000 } : { maxLength: LONGEST })}
                value={brief.more[fact] ?? ''}
                onText={(text) => onChange({ more: { ...brief.more, [fact]: text } })}
              />
            </div>
          )
        )
      })}
    </div>
  )
}

/** The short title, with the count of its characters. */
function ShortTitle({
  value,
  most,
  onText,
}: {
  value: string
  most: number | undefined
  onText: (text: string) => void
}) {
  const count = Array.from(value.trim()).length
  const over = most !== undefined && count > most
  return (
    <div className="col-span-full flex">
      <TextField
        label="Short title, for the header"
        maxLength={LONGEST}
        value={value}
        onText={onText}
        aria-invalid={over || undefined}
        hint={
          most === undefined
            ? `${count} characters`
            : over
              ? `${count} characters, ${count - most} more than the ${most} that fit`
              : `${count} of ${most} characters`
        }
      />
    </div>
  )
}

function Authors({ authors, onChange }: { authors: Author[]; onChange: (authors: Author[]) => void }) {
  const put = (index: number, change: Author) =>
    onChange(authors.map((author, at) => (at === index ? { ...author, ...change } : author)))
  return (
    <fieldset className="col-span-full">
      <legend className="mb-1">{authors.length > 1 ? 'Authors' : 'Author'}</legend>
      {authors.map((author, index) => (
        <div
          key={index}
          className={`mb-2 grid items-center gap-2 ${authors.length > 1 ? 'grid-cols-[1fr_4.5rem_1fr_auto]' : 'grid-cols-[1fr_4.5rem_1fr]'}`}
        >
          <Name
            label="Given name"
            author={index}
            value={author.given}
            onText={(given) => put(index, { given })}
          />
          <Name
            label="Middle initial"
            short="Initial"
            author={index}
            value={author.middle}
            onText={(middle) => put(index, { middle })}
          />
          <Name
            label="Surname"
            author={index}
            value={author.surname}
            onText={(surname) => put(index, { surname })}
          />
          {authors.length > 1 && (
            <button
              type="button"
              className="pencil-link text-sm"
              aria-label={`Leave out author ${index + 1}`}
              onClick={() => onChange(authors.filter((_, at) => at !== index))}
            >
              leave out
            </button>
          )}
        </div>
      ))}
      <button type="button" className="pencil-link text-sm" onClick={() => onChange([...authors, {}])}>
        One more author
      </button>
    </fieldset>
  )
}

function Name({
  label,
  short,
  author,
  value,
  onText,
}: {
  label: string
  short?: string
  author: number
  value: string | undefined
  onText: (text: string) => void
}) {
  return (
    <input
      className="input min-w-0"
      aria-label={author > 0 ? `${label} of author ${author + 1}` : label}
      placeholder={short ?? label}
      maxLength={200}
      value={value ?? ''}
      onChange={(event) => onText(event.target.value)}
    />
  )
}
