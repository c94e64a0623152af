import { BrowserRouter, Navigate, Route, Routes } from 'react-router'
import { Bring } from '../bring/Bring'
import { Papers } from '../papers/Papers'
import { ProofView } from '../proof/ProofView'
import { AccountPage } from '../session/AccountPage'
import { SignIn } from '../session/SignIn'
import { useSession } from '../session/useSession'
import { Notice } from '../ui/Notice'
import { Frame } from './Frame'

/** The application: one page for each address, none of them without a person signed in. */
export function App() {
  const session = useSession()
  if (session.isPending) {
    return <p className="p-8 text-soft">Opening…</p>
  }
  if (session.isError) {
    return (
      <div className="p-8">
        <Notice message={session.error.message} />
      </div>
    )
  }
  if (!session.data.person) {
    return <SignIn demoOffered={session.data.demoOffered} />
  }
  return (
    <BrowserRouter>
      <Routes>
        <Route path="/papers/:id" element={<ProofView />} />
        <Route element={<Frame />}>
          <Route path="/papers" element={<Papers />} />
          <Route path="/bring" element={<Bring />} />
          <Route path="/account" element={<AccountPage />} />
        </Route>
        <Route path="*" element={<Navigate to="/papers" replace />} />
      </Routes>
    </BrowserRouter>
  )
}
