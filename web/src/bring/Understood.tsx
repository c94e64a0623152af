import type { Understanding } from './useBring'

function count(number: number, one: string, many: string): string {
  return `${number.toLocaleString('en')} ${number === 1 ? one : many}`
}

/** What was understood of the file, and what was not. */
export function Understood({ understood }: { understood: Understanding }) {
  const rows: [string, string][] = [
    ['Title', understood.title || 'not found'],
    ['Length', `${count(understood.pages, 'page', 'pages')}, ${count(understood.words, 'word', 'words')}`],
    [
      'Holds',
      [
        count(understood.tables, 'table', 'tables'),
        count(understood.pictures, 'picture', 'pictures'),
        count(understood.notes, 'note', 'notes'),
      ].join(', '),
    ],
  ]
  if (understood.comments > 0) {
    rows.push(['Comments', `${count(understood.comments, 'comment', 'comments')}, left as they are`])
  }
  if (understood.trackedChanges > 0) {
    rows.push(['Changes', 'tracked changes are read as if accepted, and left in the file'])
  }
  if (understood.approximate.length > 0) {
    rows.push([
      'Faces',
      `${understood.approximate.join(', ')}: drawn in the nearest face there is, so page ends are approximate`,
    ])
  }
  understood.oddities.forEach((oddity) => rows.push(['Carried along', oddity]))
  return (
    <section aria-label="What was understood">
      <h2 className="text-xl">What was understood</h2>
      <dl className="mt-2 border-t border-base-content">
        {rows.map(([name, value]) => (
          <div key={name + value} className="grid grid-cols-[8rem_1fr] border-b border-rule py-2">
            <dt className="text-soft">{name}</dt>
            <dd>{value}</dd>
          </div>
        ))}
      </dl>
    </section>
  )
}
