import type { Schemas } from '../api/client'

/** What house rules ask otherwise, each beside what the guide has. */
export function Differences({ differences }: { differences: Schemas['DifferenceView'][] }) {
  return (
    <ul className="mt-2 grid gap-x-8 sm:grid-cols-2">
      {differences.map(({ rule, title, name, is, guide }) => (
        <li key={`${rule} ${name}`} className="py-0.5">
          {title}
          {name === 'weight' ? '' : ` · ${name.replaceAll('-', ' ')}`}: <strong>{is}</strong>{' '}
          <span className="text-sm text-soft">(the guide: {guide === '' ? 'not asked' : guide})</span>
        </li>
      ))}
    </ul>
  )
}
