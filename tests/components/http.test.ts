import { afterEach, describe, expect, it, vi } from 'vitest'
import { z } from 'zod'
import { ApiError, forgetToken, getJson, send } from '@/app/http'

const answer = (body: unknown, status = 200) => new Response(JSON.stringify(body), { status })
const tokens = (fetch: ReturnType<typeof spy>) =>
    fetch.mock.calls.map(([, init]) => new Headers(init?.headers).get('X-XSRF-TOKEN'))
const spy = (...answers: Response[]) => {
    const fetch = vi.spyOn(globalThis, 'fetch')
    for (const one of answers) fetch.mockResolvedValueOnce(one)
    return fetch
}
const cookie = (token: string) =>
    vi.spyOn(document, 'cookie', 'get').mockReturnValue(`theme=dark; XSRF-TOKEN=${encodeURIComponent(token)}`)
afterEach(() => vi.restoreAllMocks())

describe('the token that tells our pages from others', () => {
    it('is read from the cookie again once the server no longer takes it, and only once', async () => {
        cookie('first=')
        const fetch = spy(
            answer({}),
            answer({ message: 'mismatch' }, 419),
            answer({}),
            answer({}, 419),
            answer({}, 419),
        )
        await send('POST', '/builds', z.object({}), {})
        cookie('second=')
        await send('POST', '/builds', z.object({}), {})
        expect(tokens(fetch)).toEqual(['first=', 'first=', 'second='])
        await expect(send('POST', '/builds', z.object({}), {})).rejects.toThrow('open too long')
        expect(fetch).toHaveBeenCalledTimes(5)
    })
    it('is another one once somebody else has signed in', async () => {
        cookie('hers=')
        const fetch = spy(answer({}), answer({}))
        await send('POST', '/session', z.object({}), {})
        cookie('his=')
        forgetToken()
        await send('POST', '/builds', z.object({}), {})
        expect(tokens(fetch).at(-1)).toBe('his=')
    })
    it('is not sent where nothing is changed', async () => {
        const fetch = spy(answer({ name: 'Ostrel' }))
        expect(await getJson('/builds/1', z.object({ name: z.string() }))).toEqual({ name: 'Ostrel' })
        expect(tokens(fetch)).toEqual([null])
    })
})

describe('what the server refuses', () => {
    const refusal = async (status: number, body: unknown) => {
        spy(answer(body, status))
        return send('POST', '/builds', z.object({}), {}).catch((error: unknown) => error)
    }
    it('names the fields, those of a form and those of a plan', async () => {
        const error = await refusal(422, {
            message: 'Two things are wrong.',
            faults: [{ path: '/steps/0/coats', message: 'Must be 1 or more.' }],
            errors: { name: ['Say a name.', 'And another.'] },
        })
        expect(error).toBeInstanceOf(ApiError)
        expect(error).toMatchObject({ status: 422, isOffline: false, message: 'Two things are wrong.' })
        expect(
            error instanceof ApiError && [error.fault('/steps/0/coats'), error.fault('name'), error.fault('age')],
        ).toEqual(['Must be 1 or more.', 'Say a name.', undefined])
    })
    it('is said plainly where the answer is no JSON at all', async () => {
        spy(new Response('<html>Bad gateway</html>', { status: 502 }))
        await expect(getJson('/builds', z.object({}))).rejects.toMatchObject({
            status: 502,
            message: 'The server could not answer. Nothing was changed.',
        })
    })
    it('is told apart from a server that cannot be reached', async () => {
        vi.spyOn(globalThis, 'fetch').mockRejectedValue(new TypeError('failed'))
        await expect(getJson('/builds', z.object({}))).rejects.toMatchObject({ status: 0, isOffline: true })
    })
})
