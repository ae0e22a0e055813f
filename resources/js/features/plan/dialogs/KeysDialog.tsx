import { ActSign } from '@/design/ActSign'
import { classes } from '@/design/classes'
import { Dialog } from '@/design/Dialog'
import { SEVERITY_WORD, SeverityMark } from '@/design/Severity'
import { Swatch } from '@/design/Swatch'
import { WindowMark } from '../board/WindowMark'
import { KEYS } from '../state/usePlanKeys'

const TILES = [
    ['colour', 'whole', '#566043', true, 'paint, sprayed: its edge is soft'],
    ['colour', 'whole', '#566043', false, 'paint, brushed'],
    ['colour', 'partial', '#566043', false, 'a second colour in patches'],
    ['shade', 'grain', '#4a3830', true, 'lighter and darker tones'],
    ['detail', 'partial', '#6b4a2b', false, 'small parts'],
    ['decal', 'whole', '#f2f0e6', false, 'markings'],
    ['filter', 'partial', '#8a6a34', false, 'filter: an even tint'],
    ['wash', 'partial', '#3b2f24', false, 'wash: pooled in lines'],
    ['blend', 'partial', '#4b3524', false, 'blended oil'],
    ['chips', 'partial', '#38291f', false, 'chips'],
    ['streak', 'partial', '#5b4630', false, 'streaks'],
    ['metal', 'partial', '#8d8f90', false, 'bare metal'],
    ['pigment', 'grain', '#b8a57f', false, 'dust and pigment'],
    ['mud', 'partial', '#5a4630', false, 'mud'],
    ['release-film', 'whole', null, true, 'chipping film'],
    ['clear-coat', 'whole', null, true, 'clear coat: the sharper its light, the glossier'],
] as const

const ACTS = [
    ['mask', 'masks on'],
    ['unmask', 'masks off'],
    ['lift-off', 'chips lifted'],
    ['abrade', 'rubbed or scratched'],
    ['soften', 'decal softened'],
    ['clean-up', 'wiped back or drawn down'],
    ['fix-pigment', 'pigment fixed'],
    ['warm-air', 'blown dry'],
    ['prepare', 'made ready'],
    ['look', 'looked over'],
    ['join', 'put together'],
    ['test-patch', 'tried out'],
] as const

const SEVERITY_MEANS = {
    stop: 'paint would be destroyed, or an effect made impossible',
    risk: 'work may have to be done again',
    note: 'worth knowing',
} as const

export default function KeysDialog({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
    return (
        <Dialog open={open} onOpenChange={onOpenChange} width="max-w-4xl" title="Keys and signs">
            <div className="grid gap-x-8 gap-y-4 md:grid-cols-2">
                <dl className="grid grid-cols-[auto_1fr] content-start gap-x-4 gap-y-1.5">
                    {KEYS.map(([keys, act]) => (
                        <div key={keys} className="contents">
                            <dt>
                                <kbd
                                    className={classes(
                                        'rounded-plate border border-rule bg-sheet px-1.5 py-0.5 font-sans text-fine',
                                    )}
                                >
                                    {keys}
                                </kbd>
                            </dt>
                            <dd>{act}</dd>
                        </div>
                    ))}
                </dl>
                <Signs />
            </div>
        </Dialog>
    )
}

/** What every tile, sign and bar of the board stands for. */
function Signs() {
    return (
        <dl className="grid grid-cols-[3rem_1fr] content-start items-center gap-x-3 gap-y-1 text-fine">
            {(['stop', 'risk', 'note'] as const).map((severity) => (
                <div key={severity} className="contents">
                    <dt className="justify-self-center">
                        <SeverityMark severity={severity} />
                    </dt>
                    <dd>
                        {SEVERITY_WORD[severity]}: {SEVERITY_MEANS[severity]}
                    </dd>
                </div>
            ))}
            <dt className="relative h-6 border border-line">
                <WindowMark bestShare={0.5} />
            </dt>
            <dd>what follows has a window: best while the bar is whole, shut at its end</dd>
            <dt className="text-center font-bold">½</dt>
            <dd>on some zones of a folded group</dd>
            {TILES.map(([kind, coverage, colour, sprayed, means]) => (
                <div key={means} className="contents">
                    <dt>
                        <Swatch
                            kind={kind}
                            coverage={coverage}
                            colour={colour}
                            sheen={kind === 'clear-coat' ? 'gloss' : 'matte'}
                            sprayed={sprayed}
                            className="h-6 border border-rule/70"
                        />
                    </dt>
                    <dd>{means}</dd>
                </div>
            ))}
            {ACTS.map(([kind, means]) => (
                <div key={kind} className="contents">
                    <dt className="justify-self-center">
                        <ActSign kind={kind} />
                    </dt>
                    <dd>{means}</dd>
                </div>
            ))}
        </dl>
    )
}
