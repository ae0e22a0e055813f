import { Suspense, useState } from 'react'
import type { Finish } from '@/contract'
import { classes } from '@/design/classes'
import { later } from '@/design/later'
import { Swatch } from '@/design/Swatch'

const VehicleThumb = later(() => import('@/features/vehicle/VehicleThumb'))

/** A finish in section, from the last coat down to the part: what the program is about, said without words. */
const SECTION = [
    { name: 'road dust', kind: 'pigment', coverage: 'grain', colour: '#b8a57f', high: 5, effect: 'dust' },
    { name: 'matte clear', coverage: 'whole', colour: null, sheen: 'matte', high: 4, effect: 'sheen' },
    { name: 'chips', kind: 'chips', coverage: 'partial', colour: '#38291f', high: 4, effect: 'chips' },
    { name: 'dark wash', kind: 'wash', coverage: 'partial', colour: '#35291f', high: 4, effect: 'wash' },
    { name: 'gloss clear', coverage: 'whole', colour: null, sheen: 'gloss', high: 5, effect: 'sheen' },
    { name: 'island green', coverage: 'whole', colour: '#566043', high: 11, effect: 'coat' },
    {
        name: 'chipping film',
        kind: 'release-film',
        coverage: 'whole',
        colour: null,
        sheen: 'satin',
        high: 4,
        effect: '',
    },
    { name: 'steel brown', coverage: 'whole', colour: '#4a3830', high: 9, effect: 'coat' },
    { name: 'grey primer', coverage: 'whole', colour: '#7c7d7b', high: 9, effect: 'coat' },
] as const

const BODY = [
    ...['hull-top', 'engine-deck', 'glacis', 'hull-sides', 'rear-plate', 'turret', 'barrel', 'fenders', 'skirts'],
    ...['running-gear', 'wheels', 'stowage', 'canvas', 'chassis'],
]

/** As much as a few months of service leave. */
const AMOUNT: Record<string, number> = { chips: 0.3, wash: 0.6, dust: 0.5 }

const FINISH: Finish = {
    belongs: [
        ...BODY.map((kind) => ({ kind, zone: 'body' })),
        ...['tracks', 'spare-links', 'tyres', 'exhaust', 'tools'].map((kind) => ({ kind, zone: 'bare metal' })),
    ],
    panels: [],
    paints: [],
    marks: [...SECTION]
        .reverse()
        .map((layer, step) => ({
            effect: layer.effect,
            step,
            until: null,
            // The brown is left to be seen where no green goes.
            zones: step < 2 || step === SECTION.length - 1 ? ['body', 'bare metal'] : ['body'],
            colour: layer.colour,
            amount: AMOUNT[layer.effect] ?? 1,
            isSoft: false,
            places: [],
            panels: [],
            share: null,
            pattern: null,
            sparesMarkings: false,
            sheen: 'sheen' in layer ? layer.sheen : null,
        }))
        .filter((mark) => mark.effect !== ''),
}

export function Strip() {
    // Under the pointer, the vehicle is seen as far as it is painted then.
    const [step, setStep] = useState<number | undefined>(undefined)
    return (
        <div aria-hidden="true" className="flex items-center justify-center bg-stage p-8 max-lg:hidden">
            <div className="w-full max-w-lg text-on-stage">
                <Suspense fallback={<div className="h-[250px]" />}>
                    <VehicleThumb
                        vehicle={{ kind: 'light-tank', form: null }}
                        name="Ulvrach"
                        finish={FINISH}
                        step={step}
                        width={512}
                        height={250}
                    />
                </Suspense>
                <div className="mx-auto mt-10 w-full max-w-md" onPointerLeave={() => setStep(undefined)}>
                    {SECTION.map((layer, place) => (
                        <div
                            key={layer.name}
                            className="flex items-stretch gap-3"
                            style={{ height: `${layer.high * 0.34}rem` }}
                            onPointerEnter={() => setStep(SECTION.length - 1 - place)}
                        >
                            <Swatch
                                coverage={layer.coverage}
                                colour={layer.colour}
                                sheen={'sheen' in layer ? layer.sheen : null}
                                kind={'kind' in layer ? layer.kind : 'colour'}
                                className="w-72 border-x border-b border-black/40"
                            />
                            <span className="narrow self-center text-fine">{layer.name}</span>
                        </div>
                    ))}
                    <div
                        className={classes(
                            'h-8 w-72 border border-black/40',
                            'bg-[repeating-linear-gradient(-45deg,rgb(0_0_0/0.25)_0_6px,transparent_6px_12px)]',
                        )}
                        onPointerEnter={() => setStep(-1)}
                    />
                </div>
            </div>
        </div>
    )
}
