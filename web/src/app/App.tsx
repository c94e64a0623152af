import { BrowserRouter, Navigate, Route, Routes } from 'react-router'
import { FreeAppendixPage, PaperAppendixPage } from '../appendix/AppendixPage'
import { BriefPage } from '../brief/BriefPage'
import { FromTextPage } from '../brief/FromTextPage'
import { LibraryPage } from '../brief/LibraryPage'
import { SharedPage } from '../brief/SharedPage'
import { Bring } from '../bring/Bring'
import { Papers } from '../papers/Papers'
import { ProofView } from '../proof/ProofView'
import { NewPassword } from '../session/NewPassword'
import { SettingsPage } from '../session/SettingsPage'
import { SignIn } from '../session/SignIn'
import { SignInAgain } from '../session/SignInAgain'
import { useSession } from '../session/useSession'
import { FreeTablePage, PaperTablePage } from '../table/TablePage'
import { Notice } from '../ui/Notice'
import { Frame } from './Frame'
import { NotFound } from './NotFound'

/** The application: one page for each address, none but the door without a person signed in. */
export function App() {
  const session = useSession()
  if (window.location.pathname === '/new-password') {
    return <NewPassword />
  }
  if (session.isPending) {
    return <p className="p-8 text-soft">Opening…</p>
  }
  if (session.isError) {
    return (
      <main className="p-8">
        <Notice message={session.error.message} onAgain={() => void session.refetch()} />
      </main>
    )
  }
  const { person, demoOffered, resetOffered } = session.data
  if (!person) {
    return <SignIn demoOffered={demoOffered} resetOffered={resetOffered} />
  }
  return (
    <BrowserRouter>
      <Routes>
        <Route path="/papers/:id" element={<ProofView />} />
        <Route element={<Frame />}>
          <Route path="/papers" element={<Papers />} />
          <Route path="/bring" element={<Bring />} />
          <Route path="/brief" element={<BriefPage />} />
          <Route path="/from-text" element={<FromTextPage />} />
          <Route path="/table" element={<FreeTablePage start="table" />} />
          <Route path="/figure" element={<FreeTablePage start="figure" />} />
          <Route path="/papers/:id/table" element={<PaperTablePage start="table" />} />
          <Route path="/papers/:id/figure" element={<PaperTablePage start="figure" />} />
          <Route path="/appendix" element={<FreeAppendixPage />} />
          <Route path="/papers/:id/appendix" element={<PaperAppendixPage />} />
          <Route path="/house-rules" element={<LibraryPage />} />
          <Route path="/shared-rules/:token" element={<SharedPage />} />
          <Route path="/settings" element={<SettingsPage />} />
          <Route path="/" element={<Navigate to="/papers" replace />} />
          <Route path="*" element={<NotFound />} />
        </Route>
      </Routes>
      <SignInAgain person={person} />
    </BrowserRouter>
  )
}
