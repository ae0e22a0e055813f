// Writes resources/js/contract.ts: a zod check and a type for every definition of the plan file and of the answers.
// Usage: node contract/generate.mjs [--check]   (--check: only says whether the file is up to date)

import { execFileSync } from 'node:child_process'
import { readFileSync, writeFileSync } from 'node:fs'
import { jsonSchemaToZod } from 'json-schema-to-zod'

const OUT = 'resources/js/contract.ts'
const read = (path) => JSON.parse(readFileSync(path, 'utf8'))
const planFile = read('core/Plan/File/plan-v2.schema.json')
const answers = read('contract/answers.schema.json')

/** Definitions of the plan file under the names that the screens know them by; others stand where they are used. */
const OF_PLAN_FILE = {
    form: 'vehicleForm',
    build: 'buildFacts',
    bench: 'benchConditions',
    ownSchool: 'ownSchool',
    school: 'schoolChoice',
    zone: 'zone',
    ownTimes: 'ownTimes',
    product: 'product',
    acceptance: 'acceptance',
    cleanUpPass: 'cleanUpPass',
    step: 'step',
    trial: 'trial',
    stepAsItWas: 'stepAsItWas',
    entry: 'entry',
}

const definitions = new Map()
for (const [name, as] of Object.entries(OF_PLAN_FILE)) definitions.set(as, written(planFile.$defs[name], planFile))
for (const [name, schema] of Object.entries(answers.$defs)) definitions.set(name, written(schema, answers))

/**
 * A definition as the server fills it: everything is there, and what a person may type is for the server to check, so
 * that only shapes are left. References become names.
 */
function written(schema, home) {
    if (Array.isArray(schema)) return schema.map((one) => written(one, home))
    if (typeof schema !== 'object' || schema === null) return schema
    if (schema.$ref !== undefined) return referred(schema.$ref, home)
    const { pattern, minLength, maxLength, minimum, maximum, exclusiveMinimum, maxItems, ...rest } = schema
    const kept = {}
    for (const [key, value] of Object.entries(rest)) {
        if (key === 'additionalProperties' && value === false) continue
        kept[key] =
            key === 'properties'
                ? Object.fromEntries(Object.entries(value).map(([name, one]) => [name, written(one, home)]))
                : key === 'enum' || key === 'const'
                  ? value
                  : written(value, home)
    }
    if (kept.properties !== undefined && home !== undefined) kept.required = required(schema)
    if (schema.minItems === 2 && schema.maxItems === 2 && kept.items !== undefined) {
        kept.prefixItems = [kept.items, kept.items]
        delete kept.items
    }
    delete kept.minItems
    return kept
}

/** The server writes every field, but for what a school of one's own leaves as it was in the one it was copied from. */
function required(schema) {
    return schema === planFile.$defs.ownSchool ? schema.required : Object.keys(schema.properties)
}

function referred(pointer, home) {
    const [document, name] = pointer.split('#/$defs/')
    const from = document === '' ? home : planFile
    if (from === planFile) {
        const as = OF_PLAN_FILE[name]
        return as === undefined ? written(planFile.$defs[name], planFile) : { 'x-name': as }
    }
    return { 'x-name': name }
}

function namesIn(schema) {
    if (typeof schema !== 'object' || schema === null) return []
    if (schema['x-name'] !== undefined) return [schema['x-name']]
    return Object.values(schema).flatMap(namesIn)
}

const nameOf = (name) => `${name}Schema`
const typeOf = (name) => name[0].toUpperCase() + name.slice(1)

/** What the converter cannot know. */
function override(schema) {
    if (schema['x-name'] !== undefined) return nameOf(schema['x-name'])
    // A moment is text on the way and a date on screen.
    if (schema.format === 'date-time') return 'z.string().transform((text) => new Date(text))'
    // A school is a code of the library, or a copy of one.
    if (schema.if !== undefined) return 'z.union([z.string(), ownSchoolSchema])'
    if (schema.enum !== undefined) {
        const words = schema.enum.filter((word) => word !== null)
        // Codes of the craft are many and grow; the library answers which there are.
        const check = words.length > 4 ? 'z.string()' : `z.enum(${JSON.stringify(words)})`
        return words.length < schema.enum.length ? `${check}.nullable()` : check
    }
    if (schema.type === 'integer') return 'z.number()'
    if (schema.prefixItems !== undefined && schema.type === 'array')
        return `z.tuple([${schema.prefixItems.map((item) => jsonSchemaToZod(item, SETTINGS)).join(', ')}])`
    if (Array.isArray(schema.type) && schema.type.length === 2 && schema.type[1] === 'null')
        return `${jsonSchemaToZod({ ...schema, type: schema.type[0] }, SETTINGS)}.nullable()`
    if (schema.anyOf?.length === 2 && schema.anyOf[1].type === 'null')
        return `${jsonSchemaToZod(schema.anyOf[0], SETTINGS)}.nullable()`
    return undefined
}

const SETTINGS = { module: 'none', parserOverride: override, withJsdocs: true, withoutDescribes: true }

const lines = [
    '// Written by contract/generate.mjs from core/Plan/File/plan-v2.schema.json and contract/answers.schema.json.',
    '// To change it, change those and run: node contract/generate.mjs',
    '',
    "import { z } from 'zod'",
    '',
]
const done = new Set()
function write(name) {
    if (done.has(name)) return
    done.add(name)
    const schema = definitions.get(name)
    if (schema === undefined) throw new Error(`Nothing is called “${name}”.`)
    for (const other of namesIn(schema)) write(other)
    const zod = jsonSchemaToZod(schema, SETTINGS)
    if (schema.description !== undefined) lines.push(`/** ${schema.description} */`)
    lines.push(
        `export const ${nameOf(name)} = ${zod.replaceAll(/\/\*\*(\S[^*]*)\*\//g, '/** $1 */')}`,
        `export type ${typeOf(name)} = z.infer<typeof ${nameOf(name)}>`,
        '',
    )
}
for (const name of definitions.keys()) write(name)

const biome = ['node_modules/.bin/biome', ['check', '--write', `--stdin-file-path=${OUT}`]]
const text = execFileSync(...biome, { input: lines.join('\n'), encoding: 'utf8' })
if (process.argv.includes('--check')) {
    if (text !== readFileSync(OUT, 'utf8')) {
        console.error(`${OUT} is not what the schemas say. Run: node contract/generate.mjs`)
        process.exit(1)
    }
} else {
    writeFileSync(OUT, text)
}
