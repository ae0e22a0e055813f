const KEY = 'ulvrach.theme'

export type Theme = 'light' | 'dark'

export function currentTheme(): Theme {
    const kept = localStorage.getItem(KEY)
    if (kept === 'light' || kept === 'dark') {
        return kept
    }
    return window.matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light'
}

export function applyTheme(theme: Theme = currentTheme()): void {
    document.documentElement.dataset.theme = theme
}

export function keepTheme(theme: Theme): void {
    localStorage.setItem(KEY, theme)
    applyTheme(theme)
}
