import { Button } from '@/design/Button'
import type { Acts } from '../state/acts'

/** What can be done with several steps at once. */
export function ChosenBar({ count, acts }: { count: number; acts: Acts }) {
    return (
        <section
            aria-label="Chosen steps"
            className="no-print flex flex-wrap items-center gap-2 border-b border-rule bg-sheet px-3 py-1.5"
        >
            <p className="flex-1 font-medium">
                {count} {count === 1 ? 'step' : 'steps'} chosen
            </p>
            <Button onClick={() => acts.open('copy')}>Copy to other zones</Button>
            <Button onClick={() => acts.open('spread')}>On other builds too</Button>
            <Button onClick={() => acts.open('redraft')}>Draft anew</Button>
            <Button onClick={acts.steps.done}>Mark as done</Button>
            <Button onClick={acts.steps.remove}>Delete</Button>
            <Button tone="quiet" onClick={acts.choice.none}>
                Choose none
            </Button>
        </section>
    )
}
