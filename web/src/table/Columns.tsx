import type { Schemas } from '../api/client'

type Column = Schemas['TableColumnView']

const ROLES: Record<string, string> = { measure: 'Measure', group: 'Group', out: 'Left out' }

/** What each column is for. */
export function Columns({
  columns,
  raw,
  onRoles,
}: {
  columns: Column[]
  raw: boolean
  onRoles: (roles: string[]) => void
}) {
  const role = (index: number, value: string) =>
    onRoles(columns.map((column, at) => (at === index ? value : column.role)))
  if (columns.length === 0) {
    return null
  }
  return (
    <div>
      <h3 className="border-b border-rule text-base">Columns</h3>
      <ul className="max-h-72 overflow-y-auto">
        {columns.map((column, index) => (
          <li key={index} className="flex items-center gap-3 border-b border-rule py-1">
            <span className="min-w-0 flex-1 truncate" title={column.name}>
              {column.name === '' ? `Column ${index + 1}` : column.name}
            </span>
            {column.possible.length > 1 ? (
              <select
                className="select select-sm max-w-28 shrink-0"
                aria-label={`${column.name === '' ? `Column ${index + 1}` : column.name} is`}
                value={column.role}
                onChange={({ target }) => role(index, target.value)}
              >
                {column.possible.map((each) => (
                  <option key={each} value={each}>
                    {!raw && each === 'measure' ? 'Kept' : (ROLES[each] ?? each)}
                  </option>
                ))}
              </select>
            ) : (
              <span className="w-28 shrink-0 text-sm text-soft">
                {column.role === 'out' ? 'Left out' : raw ? ROLES[column.role] : 'Names of rows'}
              </span>
            )}
          </li>
        ))}
      </ul>
    </div>
  )
}

/** What was noticed on the way. */
export function Remarks({ remarks }: { remarks: string[] }) {
  if (remarks.length === 0) {
    return null
  }
  return (
    <ul className="border-l-3 border-warning bg-base-200 px-3 py-2 text-[15px]" aria-label="Remarks">
      {remarks.map((remark) => (
        <li key={remark}>{remark}</li>
      ))}
    </ul>
  )
}
