import { z } from 'zod'

/** One thing wrong with what was sent: a JSON pointer ("/edits/0/step/coats") or a field name, and a sentence. */
export type Fault = { path: string; message: string }

const refusal = z.object({
    message: z.string().catch('The server could not answer.'),
    faults: z.array(z.object({ path: z.string(), message: z.string() })).optional(),
    errors: z.record(z.string(), z.array(z.string())).optional(),
    current: z.unknown().optional(),
})

/** What the server refused, or (status 0) that it could not be reached. */
export class ApiError extends Error {
    constructor(
        message: string,
        readonly status: number,
        readonly faults: readonly Fault[] = [],
        readonly current?: unknown,
    ) {
        super(message)
    }

    get isOffline(): boolean {
        return this.status === 0
    }

    fault(path: string): string | undefined {
        return this.faults.find((fault) => fault.path === path)?.message
    }
}

export function getJson<T>(path: string, shape: z.ZodType<T>, signal?: AbortSignal): Promise<T> {
    return send('GET', path, shape, undefined, signal)
}

/** Strings and files are sent as they are, so that what is not as it should be is judged by the server. */
export async function send<T>(
    method: 'GET' | 'POST' | 'PUT' | 'DELETE',
    path: string,
    shape: z.ZodType<T>,
    body?: unknown,
    signal?: AbortSignal,
): Promise<T> {
    let answer = await request(method, path, body, signal)
    if (answer.status === 419) {
        // Signing in in another window has made a new one.
        forgetToken()
        answer = await request(method, path, body, signal)
    }
    const text = await answer.text()
    const json: unknown = text === '' ? null : parse(text)
    if (!answer.ok) {
        throw refused(answer.status, json)
    }
    return shape.parse(json)
}

async function request(
    method: string,
    path: string,
    body: unknown,
    signal: AbortSignal | undefined,
): Promise<Response> {
    // Told that it is no page, the server does not remember the address as the last page of the session.
    const headers: Record<string, string> = { Accept: 'application/json', 'X-Requested-With': 'XMLHttpRequest' }
    if (method !== 'GET') {
        headers['X-XSRF-TOKEN'] = csrfToken()
    }
    const init: RequestInit = { method, headers, credentials: 'same-origin', signal: signal ?? null }
    if (body instanceof Blob) {
        headers['Content-Type'] = body.type === '' ? 'application/octet-stream' : body.type
        init.body = body
    } else if (body !== undefined) {
        headers['Content-Type'] = 'application/json'
        init.body = typeof body === 'string' ? body : JSON.stringify(body)
    }
    try {
        return await fetch(`/api${path}`, init)
    } catch (error) {
        if (error instanceof DOMException && error.name === 'AbortError') {
            throw error
        }
        throw new ApiError('The server cannot be reached.', 0)
    }
}

/** Kept, because the browser takes milliseconds to say its cookies. */
let token: string | null = null

/** To be called where the session has changed. */
export function forgetToken(): void {
    token = null
}

function csrfToken(): string {
    if (token === null) {
        const cookie = document.cookie.split('; ').find((part) => part.startsWith('XSRF-TOKEN='))
        token = cookie === undefined ? null : decodeURIComponent(cookie.slice('XSRF-TOKEN='.length))
    }
    return token ?? ''
}

function parse(text: string): unknown {
    try {
        return JSON.parse(text)
    } catch {
        return null
    }
}

function refused(status: number, json: unknown): ApiError {
    const said = refusal.safeParse(json)
    if (!said.success) {
        return new ApiError('The server could not answer. Nothing was changed.', status)
    }
    const { message, faults, errors, current } = said.data
    const fields = Object.entries(errors ?? {}).map(([path, messages]) => ({ path, message: messages[0] ?? message }))
    return new ApiError(
        status === 419 ? 'The page has been open too long. Reload it and try again.' : message,
        status,
        [...(faults ?? []), ...fields],
        current,
    )
}
