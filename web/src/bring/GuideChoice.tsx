import type { Guide } from './useBring'

/** Which guide the course asks for. */
export function GuideChoice({
  guides,
  chosen,
  onChoose,
}: {
  guides: Guide[]
  chosen: string
  onChoose: (id: string) => void
}) {
  return (
    <fieldset className="border-t border-base-content">
      <legend className="sr-only">Style guide</legend>
      {guides.map((guide) => (
        <label
          key={guide.id}
          className={`flex cursor-pointer gap-3 border-b border-rule px-3 py-3 ${
            guide.id === chosen
              ? 'border-l-3 border-l-base-content bg-base-200'
              : 'border-l-3 border-l-transparent'
          }`}
        >
          <input
            type="radio"
            name="guide"
            className="radio radio-sm mt-0.5"
            checked={guide.id === chosen}
            onChange={() => onChoose(guide.id)}
          />
          <span>
            <span className="block font-bold">{guide.name}</span>
            <span className="block text-sm text-soft">{guide.summary}</span>
          </span>
        </label>
      ))}
    </fieldset>
  )
}
