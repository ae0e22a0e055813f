// Times the check endpoint of a running server: alone, with twenty users, and at full load beside a bare route.
// Usage: node bench/http.mjs http://127.0.0.1:PORT PLAN-FILE     prints one JSON object
import { readFileSync } from 'node:fs'
import { Agent, request } from 'node:http'

const [base, planFile] = process.argv.slice(2)
const agent = new Agent({ keepAlive: true, maxSockets: 64 })

function call(method, path, { cookie = '', body, token = '' } = {}) {
    return new Promise((resolve, reject) => {
        const headers = { Accept: 'application/json', Cookie: cookie, 'X-XSRF-TOKEN': token }
        if (body !== undefined) headers['Content-Type'] = 'application/json'
        const asked = request(base + path, { method, agent, headers }, (answer) => {
            const parts = []
            answer.on('data', (part) => parts.push(part))
            answer.on('end', () =>
                resolve({ status: answer.statusCode, headers: answer.headers, text: Buffer.concat(parts).toString() }),
            )
        })
        asked.on('error', reject)
        asked.end(body)
    })
}

const cookiesOf = (answer) => (answer.headers['set-cookie'] ?? []).map((line) => line.split(';')[0])
function sessionOf(answer) {
    const cookies = cookiesOf(answer)
    const token = cookies.find((cookie) => cookie.startsWith('XSRF-TOKEN='))?.slice('XSRF-TOKEN='.length) ?? ''
    return { cookie: cookies.join('; '), token: decodeURIComponent(token) }
}

async function signIn() {
    const door = sessionOf(await call('GET', '/api/session'))
    return sessionOf(await call('POST', '/api/session/demo', { ...door, body: '{}' }))
}

const percentile = (times, share) =>
    times.toSorted((a, b) => a - b)[Math.min(times.length - 1, Math.ceil(share * times.length) - 1)]

async function timed(path, session) {
    const from = performance.now()
    const answer = await call('GET', path, session)
    if (answer.status !== 200) throw new Error(`${path} answered ${answer.status}`)
    return performance.now() - from
}

/** Requests a second that four connections get through in so many seconds. */
async function throughput(path, session, seconds) {
    let count = 0
    const until = performance.now() + seconds * 1000
    await Promise.all(
        Array.from({ length: 4 }, async () => {
            while (performance.now() < until) {
                await timed(path, session)
                count++
            }
        }),
    )
    return count / seconds
}

const users = []
for (let user = 0; user < 20; user++) users.push(await signIn())
const imported = await call('POST', '/api/builds/import', { ...users[0], body: readFileSync(planFile) })
const check = `/api/builds/${JSON.parse(imported.text).id}/check`

for (let warm = 0; warm < 30; warm++) await timed(check, users[0])
const alone = []
for (let run = 0; run < 60; run++) alone.push(await timed(check, users[0]))

// Edits, each another one, so that nothing about them is remembered.
const edited = []
let { version, plan } = JSON.parse(imported.text)
const late = plan.steps[plan.steps.length - 3]
for (let run = 0; run < 50; run++) {
    const edits = [{ edit: 'replace-step', step: { ...late, waitMinutes: 1440 + run } }]
    const from = performance.now()
    const answer = await call('POST', check.replace('/check', '/edits'), {
        ...users[0],
        body: JSON.stringify({ version, edits }),
    })
    if (run >= 10) edited.push(performance.now() - from)
    version = JSON.parse(answer.text).version
}

// Each user acts once a second, at a moment of their own, for fifteen seconds.
const together = []
await Promise.all(
    users.map(async (session, place) => {
        await new Promise((resume) => setTimeout(resume, place * 50))
        for (let second = 0; second < 15; second++) {
            const took = await timed(check, session)
            together.push(took)
            await new Promise((resume) => setTimeout(resume, Math.max(0, 1000 - took)))
        }
    }),
)

const bare = await throughput('/alive', {}, 5)
const full = await throughput(check, users[0], 5)
console.log(
    JSON.stringify({
        alone: { median: percentile(alone, 0.5), p95: percentile(alone, 0.95) },
        edited: { median: percentile(edited, 0.5), p95: percentile(edited, 0.95) },
        together: {
            median: percentile(together, 0.5),
            p95: percentile(together, 0.95),
            worst: percentile(together, 1),
        },
        throughput: { check: full, bare },
    }),
)
agent.destroy()
