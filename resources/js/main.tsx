import '@fontsource-variable/archivo/wdth.css'
import '../css/app.css'

import { notifyManager, QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { setNonce } from 'get-nonce'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { RouterProvider } from 'react-router'
import { ApiError } from '@/app/http'
import { router } from '@/app/router'
import { applyTheme } from '@/app/theme'

applyTheme()
// Radix locks scrolling with a style element of its own, which the page's policy lets through by this nonce.
setNonce(document.querySelector<HTMLMetaElement>('meta[name=csp-nonce]')?.content ?? '')

// Answers are drawn as they come, not a timer later.
notifyManager.setScheduler(queueMicrotask)

const queries = new QueryClient({
    defaultOptions: {
        queries: {
            staleTime: 30_000,
            networkMode: 'always',
            // An answer that says no stays no; only a lost connection is worth another try.
            retry: (failures, error) => failures < 2 && !(error instanceof ApiError && error.status > 0),
        },
        mutations: { networkMode: 'always' },
    },
})

const mount = document.getElementById('app')
if (mount !== null) {
    createRoot(mount).render(
        <StrictMode>
            <QueryClientProvider client={queries}>
                <RouterProvider router={router} />
            </QueryClientProvider>
        </StrictMode>,
    )
}
