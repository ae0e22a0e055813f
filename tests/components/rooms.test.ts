import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { dirname, join, normalize } from 'node:path'
import { describe, expect, it } from 'vitest'

const root = 'resources/js'
const files = readdirSync(root, { recursive: true, encoding: 'utf8' }).filter((name) => /\.tsx?$/.test(name))

/** The file that an import of another leads to; null: a library or a style. */
function found(from: string, wanted: string): string | null {
    const path = wanted.startsWith('@/')
        ? wanted.slice(2)
        : wanted.startsWith('.')
          ? normalize(join(dirname(from), wanted))
          : null
    if (path === null) return null
    return [path, `${path}.ts`, `${path}.tsx`, `${path}/index.ts`].find((one) => files.includes(one)) ?? null
}

const imports = new Map(
    files.map((file) => {
        const source = readFileSync(join(root, file), 'utf8')
        const wanted = [...source.matchAll(/(?:from |import |import\()'([^']+)'/g)].map((match) => match[1] ?? '')
        return [file, wanted.map((one) => found(file, one)).filter((one) => one !== null)]
    }),
)

/** Files that lead back to themselves, each by the way that was found first. */
function circles(): string[] {
    const done = new Set<string>()
    const way: string[] = []
    const said: string[] = []
    const visit = (file: string) => {
        const at = way.indexOf(file)
        if (at >= 0) said.push([...way.slice(at), file].join(' > '))
        if (at >= 0 || done.has(file)) return
        way.push(file)
        for (const next of imports.get(file) ?? []) visit(next)
        way.pop()
        done.add(file)
    }
    for (const file of files) visit(file)
    return said
}

/** Rooms of the plan page: each may use those before it and no other. The page itself lies beside them. */
const ROOMS = ['state', 'jars', 'board', 'zones', 'draft', 'frame', 'inspector', 'dialogs']
const PLAN = 'features/plan/'

describe('the house', () => {
    it('has no circle of files that import each other', () => {
        expect(files.length).toBeGreaterThan(150)
        expect(circles()).toEqual([])
    })

    it('lets the rooms of the plan page use those before them alone', () => {
        const roomOf = (file: string) => (file.startsWith(PLAN) ? (file.slice(PLAN.length).split('/')[0] ?? '') : null)
        const wrong = files.flatMap((file) => {
            const place = ROOMS.indexOf(roomOf(file) ?? '')
            return place < 0
                ? []
                : (imports.get(file) ?? []).filter(
                      (used) => ROOMS.indexOf(roomOf(used) ?? '') > place || used === `${PLAN}PlanDesk.tsx`,
                  )
        })
        expect(wrong).toEqual([])
        for (const room of ROOMS) expect(existsSync(join(root, PLAN, room))).toBe(true)
    })
})
