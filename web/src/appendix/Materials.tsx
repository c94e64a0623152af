import { TextField } from '../ui/TextField'
import { KINDS, type Material, type MaterialView } from './lines'

/** What each appendix is, what it was told by, and what it is called. */
export function Materials({
  parts,
  onMaterial,
}: {
  parts: MaterialView[]
  onMaterial: (part: number, material: Material) => void
}) {
  return (
    <section aria-labelledby="materials">
      <h2 id="materials" className="border-b border-base-content text-lg">
        {parts.length > 1 ? 'What they are' : 'What it is'}
      </h2>
      <ol>
        {parts.map((part, at) => (
          <MaterialRow
            key={part.part}
            name={parts.length > 1 ? `Appendix ${at + 1}` : 'Appendix'}
            shown={part}
            onMaterial={(material) => onMaterial(part.part, material)}
          />
        ))}
      </ol>
    </section>
  )
}

function MaterialRow({
  name,
  shown,
  onMaterial,
}: {
  name: string
  shown: MaterialView
  onMaterial: (material: Material) => void
}) {
  const { said } = shown
  const change = (more: Partial<Material>) =>
    onMaterial({ kind: shown.kind, title: '', abbreviation: '', source: '', ...said, ...more })
  return (
    <li className="grid grid-cols-[10.5rem_1fr] items-start gap-x-3 gap-y-1 border-b border-rule py-2 max-sm:grid-cols-1">
      <select
        className="select w-full"
        aria-label={`${name} is`}
        value={shown.kind}
        onChange={({ target }) => change({ kind: target.value })}
      >
        {KINDS.map(([id, words]) => (
          <option key={id} value={id}>
            {words}
          </option>
        ))}
      </select>
      <input
        className="input w-full"
        aria-label={`Title of ${name.toLowerCase()}`}
        dir="auto"
        placeholder={shown.title || 'Title'}
        value={said?.title ?? ''}
        onChange={({ target }) => change({ title: target.value })}
      />
      <p className="col-span-full text-sm text-soft">
        {name}
        {shown.evidence && `, told ${shown.evidence}`}.{' '}
        {said?.title
          ? 'The title is yours.'
          : !shown.title
            ? 'It has no title yet.'
            : shown.usual
              ? 'Its lines name it nowhere; the title is the usual one.'
              : 'The title is proposed from its lines.'}
      </p>
      {shown.kind === 'scale' && (
        <>
          <TextField
            label="Abbreviation"
            value={said?.abbreviation ?? ''}
            onText={(abbreviation) => change({ abbreviation })}
          />
          <TextField
            label="Source of the scale"
            placeholder="Adapted from …"
            dir="auto"
            hint="Stands in the note, as you write it."
            value={said?.source ?? ''}
            onText={(source) => change({ source })}
          />
        </>
      )}
    </li>
  )
}
