import './app/theme.css'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { ApiProblem } from './api/client'
import { App } from './app/App'

const client = new QueryClient({
  defaultOptions: {
    queries: {
      // What was refused is refused again; what could not be reached may be reached.
      retry: (count, problem) =>
        count < 1 && !(problem instanceof ApiProblem && problem.status >= 400 && problem.status < 500),
      refetchOnWindowFocus: false,
      staleTime: 30_000,
    },
  },
})
const root = document.getElementById('root')
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={client}>
        <App />
      </QueryClientProvider>
    </StrictMode>,
  )
}
