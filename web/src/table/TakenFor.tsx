import type { ReactNode } from 'react'
import type { Schemas } from '../api/client'
import { Columns, Remarks } from './Columns'

/** What the cells were taken for, what can be said otherwise, and what was noticed. */
export function TakenFor({
  made: { because, columns, raw, remarks },
  onRoles,
  children,
}: {
  made: Pick<Schemas['MadeTableView'], 'because' | 'columns' | 'raw' | 'remarks'>
  onRoles: (roles: string[]) => void
  children: ReactNode
}) {
  return (
    <section aria-label="Taken for" className="flex flex-col gap-4">
      <div>
        <h2 className="border-b border-base-content text-lg">Taken for</h2>
        <p className="mt-2 text-[15px] text-soft">{because}</p>
      </div>
      {children}
      <Columns columns={columns} raw={raw} onRoles={onRoles} />
      <Remarks remarks={remarks} />
    </section>
  )
}
