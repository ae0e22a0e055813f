import { createBrowserRouter } from 'react-router'
import { Broken, NotHere } from './Broken'
import { Opening, Shell } from './Shell'

export const router = createBrowserRouter([
    {
        path: '/sign-in',
        lazy: async () => ({ Component: (await import('@/features/session')).SignIn }),
        ErrorBoundary: Broken,
        HydrateFallback: Opening,
    },
    {
        path: '/work',
        lazy: async () => ({ Component: (await import('@/features/work')).Work }),
        ErrorBoundary: Broken,
        HydrateFallback: Opening,
    },
    {
        path: '/',
        Component: Shell,
        HydrateFallback: Opening,
        ErrorBoundary: Broken,
        children: [
            { index: true, lazy: async () => ({ Component: (await import('@/features/bench')).Bench }) },
            { path: 'clock', lazy: async () => ({ Component: (await import('@/features/clock')).Clock }) },
            { path: 'shelf', lazy: async () => ({ Component: (await import('@/features/shelf')).Shelf }) },
            { path: 'supplies', lazy: async () => ({ Component: (await import('@/features/shelf')).Supplies }) },
            { path: 'mixes', lazy: async () => ({ Component: (await import('@/features/mix')).MixDesk }) },
            {
                path: 'mixes/:mix/card',
                lazy: async () => ({ Component: (await import('@/features/mix')).MixCard }),
            },
            { path: 'sheet', lazy: async () => ({ Component: (await import('@/features/clock')).Sheet }) },
            { path: 'diary', lazy: async () => ({ Component: (await import('@/features/diary')).DiaryPage }) },
            { path: 'trials', lazy: async () => ({ Component: (await import('@/features/trials')).TrialsPage }) },
            { path: 'account', lazy: async () => ({ Component: (await import('@/features/account')).AccountPage }) },
            { path: 'almanac', lazy: async () => ({ Component: (await import('@/features/almanac')).Almanac }) },
            {
                path: 'builds/:buildId',
                lazy: async () => ({ Component: (await import('@/features/plan')).PlanScreen }),
            },
            {
                path: 'builds/:buildId/card',
                lazy: async () => ({ Component: (await import('@/features/diary')).FinishCardPage }),
            },
            { path: '*', Component: NotHere },
        ],
    },
])
