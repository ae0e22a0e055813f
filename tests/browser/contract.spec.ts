import type { APIResponse } from '@playwright/test'
import type { z } from 'zod'
import {
    almanacSchema,
    buildStateSchema,
    buildsSchema,
    knowledgeSchema,
    librarySchema,
    remediesSchema,
    repairSchema,
    roomSchema,
    schoolsSchema,
    scratchSchema,
    sessionSchema,
    weekSettingsSchema,
} from '@/contract'
import { expect, openDemo, test } from './kit'

/** Reads an answer as the page does. */
async function read<T>(answer: APIResponse, shape: z.ZodType<T>): Promise<T> {
    expect(answer.status(), answer.url()).toBe(200)
    const read = shape.safeParse(await answer.json())
    expect(read.error?.issues ?? [], answer.url()).toEqual([])
    return read.data as T
}

test('the page can read every answer that the demo gives', async ({ page }) => {
    await openDemo(page)
    const get = <T>(path: string, shape: z.ZodType<T>) =>
        page.request.get(`/api${path}`, { headers: { Accept: 'application/json' } }).then((one) => read(one, shape))
    await get('/session', sessionSchema)
    await get('/library', librarySchema)
    await get('/almanac', almanacSchema)
    await get('/room', roomSchema)
    await get('/week', weekSettingsSchema)
    await get('/schools', schoolsSchema)
    const { builds } = await get('/builds', buildsSchema)
    expect(builds.length).toBeGreaterThanOrEqual(3)
    for (const { id } of builds) {
        const { plan, verdict } = await get(`/builds/${id}`, buildStateSchema)
        await get(`/builds/${id}/repair`, repairSchema)
        for (const finding of verdict.findings.slice(0, 3))
            await get(`/builds/${id}/remedies/${finding.key}`, remediesSchema)
        for (const step of plan.steps.slice(0, 5)) await get(`/builds/${id}/steps/${step.id}`, knowledgeSchema)
        await get(`/builds/${id}/zones/${plan.zones[0]?.id}/scratch`, scratchSchema)
    }
})
