import { Drawing } from './drawing'
import type { Answer, Question } from './studio'
import { unpack } from './unpack'

// Away from the page, so that keys and scrolling are never held up by a drawing.
const drawings = new Map<string, Drawing>()

self.addEventListener('message', ({ data }: MessageEvent<Question>) => {
    const answer = (given: Answer, pass: Transferable[] = []) => self.postMessage(given, { transfer: pass })
    try {
        if (data.asks === 'load') {
            drawings.set(data.vehicle, new Drawing(unpack(data.packed)))
            return
        }
        const drawing = drawings.get(data.vehicle)
        if (drawing === undefined) throw new Error(`No shape was sent for “${data.vehicle}”.`)
        if (data.asks === 'paint') {
            const painted = drawing.paint(data.wish)
            answer({ id: data.id, gives: painted }, [painted.pixels.buffer])
        } else {
            const { view, scale, belongs } = data
            const gives =
                data.asks === 'draw'
                    ? drawing.draw(view, scale, belongs, data.panels)
                    : drawing.borders(view, scale, belongs)
            answer({ id: data.id, gives })
        }
    } catch (error) {
        if ('id' in data) answer({ id: data.id, failed: error instanceof Error ? error.message : String(error) })
    }
})
