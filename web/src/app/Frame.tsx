import { Link, NavLink, Outlet } from 'react-router'
import { useSession, useSignOut } from '../session/useSession'
import { Wordmark } from '../ui/Wordmark'

const link = ({ isActive }: { isActive: boolean }) =>
  `py-1 whitespace-nowrap ${isActive ? 'border-b-2 border-base-content font-bold' : 'text-soft hover:text-base-content'}`

/** The head of every page but the proof. */
export function Frame() {
  const person = useSession().data?.person
  const signOut = useSignOut()
  return (
    <div className="flex min-h-full flex-col lg:has-[[data-fills]]:h-full">
      <header className="flex min-h-[52px] flex-wrap items-center gap-x-8 gap-y-1 border-b border-rule px-4 py-1.5">
        <Link to="/papers" aria-label="Grintel, your papers">
          <Wordmark />
        </Link>
        <nav
          className="flex flex-wrap gap-x-6 max-sm:order-last max-sm:w-full max-sm:gap-x-5"
          aria-label="Main"
        >
          <NavLink to="/papers" className={link}>
            Papers
          </NavLink>
          <NavLink to="/bring" className={link}>
            Bring a paper
          </NavLink>
          <NavLink to="/brief" className={link}>
            Brief
          </NavLink>
          <NavLink to="/table" className={link}>
            Table
          </NavLink>
          <NavLink to="/appendix" className={link}>
            Appendix
          </NavLink>
          <NavLink to="/settings" className={link}>
            Settings
          </NavLink>
        </nav>
        <div className="ml-auto flex min-w-0 items-center gap-5">
          <span className="truncate text-sm text-soft max-sm:hidden" title={person?.email}>
            {person?.demo ? 'A visitor’s desk' : person?.email}
          </span>
          <button
            type="button"
            className="btn btn-quiet"
            disabled={signOut.isPending}
            onClick={() => signOut.mutate()}
          >
            Sign out
          </button>
        </div>
      </header>
      <Outlet />
    </div>
  )
}
