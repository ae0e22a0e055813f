import { Button } from '@/design/Button'
import { Banner } from '@/design/Notice'
import type { PlanWork } from '../state/usePlan'

/** What could not be saved, and what can be done about it. */
export function UnsavedBanner({ work }: { work: PlanWork }) {
    const { unsaved, sendAgain, giveUp } = work
    if (unsaved === null) return null
    if (unsaved.reason === 'refused') {
        return (
            <Banner actions={<Button onClick={giveUp}>Understood</Button>}>
                <strong className="font-semibold">Not saved.</strong>{' '}
                {unsaved.faults.length === 0 ? unsaved.message : unsaved.faults.map((fault) => fault.message).join(' ')}
            </Banner>
        )
    }
    const isOutdated = unsaved.reason === 'outdated'
    const count = unsaved.changes.length
    const mine = count === 1 ? 'my change' : `my ${count} changes`
    return (
        <Banner
            actions={
                <>
                    <Button tone="act" onClick={() => void sendAgain()}>
                        {isOutdated ? `Put ${mine} on top` : 'Save again'}
                    </Button>
                    <Button onClick={giveUp}>{isOutdated ? 'Show theirs, drop mine' : `Drop ${mine}`}</Button>
                </>
            }
        >
            <strong className="font-semibold">{isOutdated ? 'Changed elsewhere.' : 'Not saved yet.'}</strong>{' '}
            {unsaved.message}
            {!isOutdated &&
                ` ${count === 1 ? 'Your change is' : `Your ${count} changes are`} kept here ` +
                    'and sent again by themselves, also after a reload.'}
        </Banner>
    )
}
