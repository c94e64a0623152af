import { Link, NavLink, Outlet } from 'react-router'
import { useSession, useSignOut } from '../session/useSession'
import { Wordmark } from '../ui/Wordmark'

const link = ({ isActive }: { isActive: boolean }) =>
  `py-1 ${isActive ? 'border-b-2 border-base-content font-bold' : 'text-soft hover:text-base-content'}`

/** The head of every page but the proof. */
export function Frame() {
  const person = useSession().data?.person
  const signOut = useSignOut()
  return (
    <div className="flex min-h-full flex-col">
      <header className="flex h-[52px] items-center gap-8 border-b border-rule px-4">
        <Link to="/papers" aria-label="Grintel, your papers">
          <Wordmark />
        </Link>
        <nav className="flex gap-6" aria-label="Main">
          <NavLink to="/papers" className={link}>
            Papers
          </NavLink>
          <NavLink to="/bring" className={link}>
            Bring a paper
          </NavLink>
        </nav>
        <div className="ml-auto flex items-center gap-5">
          <NavLink to="/account" className={link}>
            {person?.demo ? 'Demo desk' : person?.email}
          </NavLink>
          <button type="button" className="btn btn-quiet" onClick={() => signOut.mutate()}>
            Sign out
          </button>
        </div>
      </header>
      <Outlet />
    </div>
  )
}
