import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { setNonce } from 'get-nonce'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { RouterProvider } from 'react-router'
import { router } from './app/routes'
import './index.css'
import { applySettings } from './shell/settings'

// What a library puts into the page as a style carries the nonce that the page was sent with.
const nonce = document.querySelector<HTMLMetaElement>('meta[property="csp-nonce"]')?.nonce
if (nonce) setNonce(nonce)
applySettings()

const client = new QueryClient({
  defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false } },
})

const root = document.getElementById('root')
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={client}>
        <RouterProvider router={router} />
      </QueryClientProvider>
    </StrictMode>,
  )
}
