import { type ComponentType, lazy } from 'react'

/** Milliseconds until a part of the program that could not be fetched is fetched again. */
const AGAIN = 3_000

/** A part that comes when it is needed; without a connection it comes as soon as there is one, and nothing breaks. */
export function later<Props>(load: () => Promise<{ default: ComponentType<Props> }>) {
    return lazy(async () => {
        for (;;) {
            try {
                return await load()
            } catch {
                await new Promise((resolve) => {
                    window.addEventListener('online', resolve, { once: true })
                    setTimeout(resolve, AGAIN)
                })
            }
        }
    })
}
