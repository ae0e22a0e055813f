export type {
    Acceptance,
    BenchConditions,
    BuildFacts,
    BuildState,
    CleanUpPass,
    Entry,
    Finding,
    Layer,
    Library,
    OwnSchool,
    Plan,
    Product,
    SchoolChoice,
    Step,
    StepVerdict,
    Technique,
    Verdict,
    Zone,
} from '@/contract'
export { entryOf, type LogEntry, momentOf, trialOf } from './entries'
export { type Findable, FindList } from './FindList'
export { rank } from './find'
export { type Question, timetableQuery, weekQuery } from './hours'
export { fillShelf, jarsQuery, keepJar, mixableQuery, throwAwayJar } from './jars'
export { libraryQuery, schoolOf, techniqueOf, useLibrary, wordFor } from './library'
export { Picker } from './Picker'
export { type Ground, groundAfter, groundImage, inkOn, threadImage } from './paints'
export { type Air, keepRoom, type Reading, type RoomProfile, roomQuery, SEASONS, type Season, saySeason } from './room'
