import { describe, expect, it } from 'vitest'
import { ApiError } from '@/app/http'
import type { LogEntry } from '@/features/build'
import { type Disk, outboxOn } from '@/features/work/outbox'
import { type Bench, EMPTY, happened, type Next, nextOf } from '@/features/work/waiting'

/** Chance that is the same for the same seed. */
function chanceOf(seed: number) {
    let state = seed * 2_654_435_761 + 1
    return (limit: number) => {
        state = (Math.imul(state, 1_103_515_245) + 12_345) & 0x7fffffff
        return Math.floor((state / 0x80000000) * limit)
    }
}

const entryOf = (id: string): LogEntry => ({ id, kind: 'finished', at: '2026-11-20T10:00:00Z', step: 'wash' })
const logged = (user: string, id: string) => ({ kind: 'logged', user, build: 'pell', entry: entryOf(id) }) as const
const photographed = (user: string, id: string) =>
    ({ kind: 'photographed', user, build: 'pell', step: 'wash', id, picture: new Blob([id]) }) as const
const idsOf = (bench: Bench) => [...bench.entries.map(({ entry }) => entry.id), ...bench.photos.map(({ id }) => id)]

/** A disk that takes its time, and outlives the page. */
function diskOf(chance: (limit: number) => number) {
    const kept = new Map<string, unknown>()
    const later = async () => {
        for (let turn = chance(4); turn > 0; turn--) await Promise.resolve()
    }
    const disk: Disk & { isPulled: boolean } = {
        isPulled: false,
        read: async (key) => {
            await later()
            return structuredClone(kept.get(key))
        },
        write: async (key, value) => {
            await later()
            // What a page that is gone still wanted to write never comes.
            if (!disk.isPulled) kept.set(key, structuredClone(value))
        },
        wipe: async () => kept.clear(),
    }
    return { disk, kept }
}

type Answer = 'taken' | 'away' | 'busy' | 'refused' | 'taken and away'
const ANSWERS: readonly Answer[] = ['taken', 'taken', 'taken', 'away', 'busy', 'refused', 'taken and away']

function serverOf(chance: (limit: number) => number, isCalm: () => boolean) {
    const heard: { user: string; id: string; kind: Next['kind'] }[] = []
    const refused = new Set<string>()
    const network = async (next: Next) => {
        for (let turn = chance(3); turn > 0; turn--) await Promise.resolve()
        const answer = isCalm() ? 'taken' : (ANSWERS[chance(ANSWERS.length)] ?? 'taken')
        if (answer === 'away') throw new ApiError('The server cannot be reached.', 0)
        if (answer === 'busy') throw new ApiError('Too many at once.', 503)
        if (answer === 'refused') {
            refused.add(next.id)
            throw new ApiError('There is no such step.', 422)
        }
        heard.push({ user: next.of.user, id: next.id, kind: next.kind })
        if (answer === 'taken and away') throw new ApiError('The server cannot be reached.', 0)
    }
    return { heard, refused, network }
}

/** An evening of two people at one device: what they do, the page that is closed on them, and the server's moods. */
async function evening(seed: number) {
    const chance = chanceOf(seed)
    const { disk: shared, kept } = diskOf(chance)
    let isCalm = false
    const { heard, refused, network } = serverOf(chance, () => isCalm)
    const open = () => {
        const disk = { ...shared, isPulled: false }
        disk.write = async (key, value) => {
            await shared.read(key)
            if (!disk.isPulled) kept.set(key, structuredClone(value))
        }
        return { disk, outbox: outboxOn(disk, network) }
    }
    let page = open()
    const safe: { user: string; id: string; kind: Next['kind'] }[] = []
    let user = 'tova'
    for (let turn = 0; turn < 40; turn++) {
        const id = `${seed}-${turn}`
        switch (chance(7)) {
            case 0:
            case 1:
                await page.outbox.tell(logged(user, id))
                safe.push({ user, id, kind: 'entry' })
                break
            case 2:
                await page.outbox.tell(photographed(user, id))
                safe.push({ user, id, kind: 'photo' })
                break
            case 3:
                await page.outbox.sendAll(user)
                break
            case 4:
                void page.outbox.sendAll(user)
                break
            case 5:
                // Closed in the middle of whatever it does.
                page.disk.isPulled = true
                page = open()
                if (chance(2) === 0) await page.outbox.open()
                break
            default:
                user = user === 'tova' ? 'jorun' : 'tova'
        }
    }
    isCalm = true
    await page.outbox.open()
    for (const one of ['tova', 'jorun']) expect(await page.outbox.sendAll(one)).toBe(true)
    return { safe, heard, refused, bench: page.outbox.current() }
}

describe('what waits at the bench', () => {
    it('is never lost, nor sent by somebody else, nor out of its order', async () => {
        for (let seed = 1; seed <= 150; seed++) {
            const { safe, heard, refused, bench } = await evening(seed)
            const first = [...new Map(heard.map((one) => [one.id, one])).values()]
            for (const { id, user } of safe) {
                const arrived = first.find((one) => one.id === id)
                // A refusal may come after an answer that was lost on its way.
                expect(arrived !== undefined || refused.has(id), `${id} of seed ${seed}`).toBe(true)
                if (arrived !== undefined) expect(arrived.user).toBe(user)
            }
            for (const user of ['tova', 'jorun'])
                for (const kind of ['entry', 'photo'] as const) {
                    // What was refused once holds nothing back, and may be taken by a server that has changed its mind.
                    const ordered = (all: readonly { user: string; id: string; kind: string }[]) =>
                        all
                            .filter((one) => one.user === user && one.kind === kind && !refused.has(one.id))
                            .map(({ id }) => id)
                    expect(ordered(first), `seed ${seed}`).toEqual(ordered(safe))
                }
            // What was refused and not taken before is told until somebody lets it go.
            for (const id of refused)
                if (!heard.some((one) => one.id === id)) expect(idsOf(bench), `seed ${seed}`).toContain(id)
        }
    })

    it('goes entries first, one person’s alone, and never twice at once', async () => {
        const chance = chanceOf(7)
        const asked: string[] = []
        let under = 0
        const outbox = outboxOn(diskOf(chance).disk, async (next) => {
            expect(++under).toBe(1)
            asked.push(next.id)
            await Promise.resolve()
            under--
        })
        await outbox.tell(photographed('tova', 'picture'))
        await outbox.tell(logged('jorun', 'hers'))
        await outbox.tell(logged('tova', 'first'))
        const rounds = [outbox.sendAll('tova'), outbox.sendAll('tova'), outbox.sendAll('jorun')]
        await outbox.tell(logged('tova', 'second'))
        await Promise.all(rounds)
        expect(asked).toEqual(['first', 'second', 'picture', 'hers'])
        expect(nextOf(outbox.current(), 'tova')).toBeNull()
    })

    it('waits with what comes after something that cannot be sent now, and sets aside what is refused', async () => {
        const answers = new Map<string, number>([
            ['b', 422],
            ['c', 0],
        ])
        const outbox = outboxOn(diskOf(chanceOf(1)).disk, async ({ id }) => {
            const status = answers.get(id)
            if (status !== undefined) throw new ApiError('It is not to be.', status)
        })
        for (const id of ['a', 'b', 'c', 'd']) await outbox.tell(logged('tova', id))
        expect(await outbox.sendAll('tova')).toBe(false)
        const state = () => outbox.current().entries.map(({ entry, isSent, refusal }) => [entry.id, isSent, refusal])
        expect(state()).toEqual([
            ['a', true, null],
            ['b', false, 'It is not to be.'],
            ['c', false, null],
            ['d', false, null],
        ])
        answers.delete('c')
        expect(await outbox.sendAll('tova')).toBe(true)
        await outbox.tell({ kind: 'dismissed', id: 'b' })
        expect(state().map(([id]) => id)).toEqual(['a', 'c', 'd'])
        for (const status of [401, 408, 419, 425, 429, 500, 503]) {
            answers.set('e', status)
            await outbox.tell(logged('tova', 'e'))
            expect(await outbox.sendAll('tova'), String(status)).toBe(false)
        }
    })

    it('remembers what was sent until a desk that was asked for after it is there', () => {
        let bench = happened(happened(EMPTY, logged('tova', 'early')), { kind: 'sent', id: 'early' })
        bench = happened(bench, { kind: 'desk-asked' })
        bench = happened(happened(bench, logged('tova', 'late')), { kind: 'sent', id: 'late' })
        bench = happened(bench, { kind: 'desk-came' })
        expect(idsOf(bench)).toEqual(['late'])
        // A desk that nobody asked for may be older than what was sent.
        expect(idsOf(happened(bench, { kind: 'desk-came' }))).toEqual(['late'])
        bench = happened(happened(bench, { kind: 'desk-asked' }), { kind: 'desk-came' })
        expect(idsOf(bench)).toEqual([])
    })

    it('counts an entry once that is logged or read twice', () => {
        const once = happened(happened(EMPTY, logged('tova', 'a')), logged('tova', 'b'))
        expect(idsOf(happened(once, logged('tova', 'b')))).toEqual(['a', 'b'])
        const kept = happened(EMPTY, logged('tova', 'older'))
        const opened = happened(happened(once, { kind: 'opened', ...kept }), { kind: 'opened', ...once })
        expect(idsOf(opened)).toEqual(['a', 'b', 'older'])
    })

    it('leaves nothing to the next person', async () => {
        const { disk, kept } = diskOf(chanceOf(3))
        const outbox = outboxOn(disk, async () => undefined)
        await outbox.tell(logged('tova', 'a'))
        await outbox.tell(photographed('tova', 'p'))
        await outbox.forget()
        expect(idsOf(outbox.current())).toEqual([])
        expect(kept.size).toBe(0)
    })
})
