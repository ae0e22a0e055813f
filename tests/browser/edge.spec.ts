import { request as ask } from 'node:http'
import { expect, test } from './kit'

const server = new URL(process.env.ULVRACH_URL ?? '')

type Answer = { status: number; headers: NodeJS.Dict<string | string[]>; body: string }

/** A request as no browser makes it: the address goes out as it is. */
const bare = (path: string) =>
    new Promise<Answer>((resolve, reject) => {
        ask({ host: server.hostname, port: server.port, path }, (answer) => {
            let body = ''
            answer.on('data', (piece) => {
                body += piece
            })
            answer.on('end', () => resolve({ status: answer.statusCode ?? 0, headers: answer.headers, body }))
        })
            .on('error', reject)
            .end()
    })

test('the web server says in JSON that an address cannot be read', async () => {
    const unreadable = ['/api/builds/%00', '/%00', '/%', '/api/%', '/x/../../x', `/${'a'.repeat(9000)}`]
    for (const path of unreadable) {
        const { status, headers, body } = await bare(path)
        expect([400, 414], path.slice(0, 20)).toContain(status)
        expect(headers['content-type']).toBe('application/json')
        expect(JSON.parse(body).message).toContain('no readable text')
    }
})

test('everything that the web server sends by itself is safe too', async () => {
    const { body } = await bare('/sign-in')
    const script = /src="(\/build\/[^"]+\.js)"/.exec(body)?.[1] ?? ''
    for (const path of [script, '/sw.js', '/build/none.js', '/%', '/sign-in', '/api/builds']) {
        const { headers } = await bare(path)
        expect(headers['x-content-type-options'], path).toBe('nosniff')
        expect(headers['x-frame-options'], path).toBe('DENY')
        expect(headers['referrer-policy'], path).toBe('same-origin')
    }
})
