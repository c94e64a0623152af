import { useQuery } from '@tanstack/react-query'
import { NewPassword } from '../session/NewPassword'
import { SignIn } from '../session/SignIn'
import { useSession } from '../session/useSession'
import { Notice } from '../ui/Notice'

/** The pages behind the door are fetched by themselves, so that the door stands sooner on a slow line. */
function useRooms() {
  return useQuery({
    queryKey: ['rooms'],
    queryFn: () => import('./Rooms'),
    staleTime: Infinity,
    gcTime: Infinity,
    // What the browser could not fetch it does not ask for again by itself.
    retry: false,
  })
}

/** The application: one page for each address, none but the door without a person signed in. */
export function App() {
  const session = useSession()
  const rooms = useRooms()
  if (window.location.pathname === '/new-password') {
    return <NewPassword />
  }
  if (session.isError) {
    return <Closed message={session.error.message} onAgain={() => void session.refetch()} />
  }
  if (session.data && !session.data.person) {
    return <SignIn demoOffered={session.data.demoOffered} resetOffered={session.data.resetOffered} />
  }
  if (rooms.isError) {
    return (
      <Closed
        message="A part of the application could not be fetched."
        onAgain={() => window.location.reload()}
      />
    )
  }
  if (!session.data?.person || !rooms.data) {
    return <p className="p-8 text-soft">Opening…</p>
  }
  return <rooms.data.Rooms person={session.data.person} />
}

/** Nothing but why there is nothing to see. */
function Closed({ message, onAgain }: { message: string; onAgain: () => void }) {
  return (
    <main className="p-8">
      <Notice message={message} onAgain={onAgain} />
    </main>
  )
}
