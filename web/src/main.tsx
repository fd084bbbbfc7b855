import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { Toast } from 'radix-ui'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { BrowserRouter, Route, Routes } from 'react-router'
import './index.css'
import { App } from './views/App'
import { Hooks } from './views/Hooks'
import { Schools } from './views/Schools'

const client = new QueryClient({
  defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false } },
})
const root = document.getElementById('root')
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={client}>
        <Toast.Provider swipeDirection="down" duration={10000}>
          <BrowserRouter>
            <Routes>
              <Route path="/" element={<App />} />
              <Route path="/bench/:id" element={<App />} />
              <Route path="/hooks" element={<Hooks />} />
              <Route path="/schools" element={<Schools />} />
            </Routes>
          </BrowserRouter>
          <Toast.Viewport className="fixed bottom-4 left-1/2 z-50 w-96 -translate-x-1/2" />
        </Toast.Provider>
      </QueryClientProvider>
    </StrictMode>,
  )
}
