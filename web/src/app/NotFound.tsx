import { Link } from 'react-router'
import { useTitle } from '../ui/useTitle'

/** Where an address leads that leads nowhere. */
export function NotFound() {
  useTitle('Not found')
  return (
    <main className="mx-auto w-full max-w-[760px] p-8 pt-16 max-sm:p-4">
      <h1 className="text-3xl">There is nothing here</h1>
      <p className="mt-2 text-soft">The address is not quite right, or what stood here was deleted.</p>
      <Link to="/papers" className="btn btn-primary mt-6">
        To your papers
      </Link>
    </main>
  )
}
