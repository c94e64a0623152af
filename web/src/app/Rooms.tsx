import { BrowserRouter, Navigate, Route, Routes } from 'react-router'
import { FreeAppendixPage, PaperAppendixPage } from '../appendix/AppendixPage'
import { BriefPage } from '../brief/BriefPage'
import { FromTextPage } from '../brief/FromTextPage'
import { LibraryPage } from '../brief/LibraryPage'
import { SharedPage } from '../brief/SharedPage'
import { Bring } from '../bring/Bring'
import { Papers } from '../papers/Papers'
import { ProofView } from '../proof/ProofView'
import { SettingsPage } from '../session/SettingsPage'
import { SignInAgain } from '../session/SignInAgain'
import { FreeTablePage, PaperTablePage } from '../table/TablePage'
import { Frame } from './Frame'
import { NotFound } from './NotFound'
import type { Person } from '../session/useSession'

/** The pages behind the door, one for each address. */
export function Rooms({ person }: { person: Person }) {
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
