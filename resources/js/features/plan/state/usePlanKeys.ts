import { useEffect, useRef } from 'react'
import { tinykeys } from 'tinykeys'
import type { Acts } from './acts'

/** Every key of the plan screen and what it does: the list that "?" shows is this one. */
export const KEYS = [
    ['Arrow keys', 'Go from cell to cell'],
    ['Home, End', 'First and last step'],
    ['Space', 'Put the step on this zone, or take it off'],
    ['Enter', 'Go to the settings of the step'],
    ['Escape', 'Back to the board; choose none'],
    ['a', 'Add a step after this one'],
    ['c', 'Copy the step'],
    ['Alt + up, down', 'Move the step'],
    ['Delete', 'Delete the step'],
    ['d', 'Mark the step as done, or not done'],
    ['+, −', 'More or less of its dust, mud, grime or rust'],
    ['f, Shift + f', 'Next and previous finding'],
    ['1, 2, 3 …', 'Apply that remedy'],
    ['x, Shift + up, down', 'Choose several steps'],
    ['m', 'Copy the chosen steps to other zones'],
    ['Shift + m', 'Put the chosen steps on other builds too'],
    ['o, Shift + o', 'Fold this part of the work, or all of them'],
    ['v', 'Show all steps, stops, risks or notes only'],
    ['w, Shift + w', 'Show or hide the vehicle; show it large'],
    ['r', 'Make the plan sound'],
    ['s', 'School'],
    ['b', 'Build, story and room'],
    ['z', 'Zones'],
    ['j', 'Jars'],
    ['Ctrl + z', 'Undo'],
    ['Ctrl + Shift + z, Ctrl + y', 'Redo'],
    ['?', 'Keys and signs'],
] as const

/** What each key does, in the words of the key library: `$mod` is Ctrl, or Command on a Mac. */
const BINDINGS: Record<string, (acts: Acts) => void> = {
    '?': (acts) => acts.open('keys'),
    'Shift+?': (acts) => acts.open('keys'),
    a: (acts) => acts.open('add'),
    b: (acts) => acts.open('build'),
    z: (acts) => acts.open('zones'),
    j: (acts) => acts.open('jars'),
    m: (acts) => acts.open('copy'),
    'Shift+M': (acts) => acts.open('spread'),
    w: (acts) => acts.vehicle.toggle(),
    'Shift+W': (acts) => acts.vehicle.enlarge(),
    r: (acts) => acts.open('repair'),
    s: (acts) => acts.open('school'),
    x: (acts) => acts.choice.toggle(null),
    'Shift+X': (acts) => acts.choice.toggle(null),
    o: (acts) => acts.fold.here(),
    'Shift+O': (acts) => acts.fold.all(),
    v: (acts) => acts.findings.filter(),
    Escape: (acts) => acts.choice.none(),
    c: (acts) => void acts.steps.copy(),
    d: (acts) => acts.steps.done(),
    '+': (acts) => acts.steps.amount(1),
    'Shift++': (acts) => acts.steps.amount(1),
    '-': (acts) => acts.steps.amount(-1),
    f: (acts) => acts.findings.next(1),
    'Shift+F': (acts) => acts.findings.next(-1),
    '$mod+z': (acts) => acts.history.undo(),
    '$mod+Shift+Z': (acts) => acts.history.redo(),
    '$mod+y': (acts) => acts.history.redo(),
}

const isTyping = (target: EventTarget | null): boolean =>
    target instanceof HTMLElement &&
    target.closest('input, textarea, select, [role=dialog], [role=menu], [contenteditable]') !== null

/** Keys that work wherever the focus is, except while somebody types or a dialog is open. */
export function usePlanKeys(acts: Acts, enabled: boolean): void {
    const latest = useRef(acts)
    useEffect(() => {
        latest.current = acts
    })
    useEffect(() => {
        if (!enabled) return
        const handlers = Object.entries(BINDINGS).map(([keys, act]) => [
            keys,
            (event: KeyboardEvent) => {
                if (isTyping(event.target)) return
                event.preventDefault()
                act(latest.current)
            },
        ])
        return tinykeys(window, Object.fromEntries(handlers))
    }, [enabled])
}

/** Calls when a key goes down, and while it is held whenever the state has changed in between. */
export function useWhileHeld(key: string, state: unknown, call: () => void): void {
    const held = useRef(false)
    const latest = useRef(call)
    useEffect(() => {
        latest.current = call
    })
    // biome-ignore lint/correctness/useExhaustiveDependencies: the state is what it is called for again
    useEffect(() => {
        if (held.current) latest.current()
    }, [state])
    useEffect(() => {
        const onDown = (event: KeyboardEvent) => {
            if (event.key !== key || event.repeat) return
            held.current = true
            latest.current()
        }
        const onUp = (event: KeyboardEvent) => {
            if (event.key === key) held.current = false
        }
        const onBlur = () => {
            held.current = false
        }
        window.addEventListener('keydown', onDown)
        window.addEventListener('keyup', onUp)
        window.addEventListener('blur', onBlur)
        return () => {
            window.removeEventListener('keydown', onDown)
            window.removeEventListener('keyup', onUp)
            window.removeEventListener('blur', onBlur)
        }
    }, [key])
}
