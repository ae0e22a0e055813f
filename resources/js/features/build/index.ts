export { type Library, libraryQuery, type Technique, techniqueOf, useLibrary, wordFor } from './library'
export {
    type BenchConditions,
    type BuildFacts,
    type BuildState,
    buildStateSchema,
    type CleanUp,
    type Finding,
    type Layer,
    type Plan,
    type Product,
    planSchema,
    type Step,
    type StepVerdict,
    type Verdict,
    verdictSchema,
    type Zone,
} from './schema'
