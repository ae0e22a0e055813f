import { unpack } from '../vehicle/unpack'
import { CloseUp } from './closeup'
import type { Answer, Question } from './desk'

// Away from the page, so that keys and scrolling are never held up by a drawing.
const pieces = new Map<string, CloseUp>()

self.addEventListener('message', ({ data }: MessageEvent<Question>) => {
    const answer = (given: Answer, pass: Transferable[] = []) => self.postMessage(given, { transfer: pass })
    try {
        if (data.asks === 'load') {
            const closeUp = new CloseUp(unpack(data.packed))
            pieces.set(data.vehicle, closeUp)
            closeUp.getReady()
            return
        }
        const closeUp = pieces.get(data.vehicle)
        if (closeUp === undefined) throw new Error(`No shape was sent for “${data.vehicle}”.`)
        const picture = closeUp.draw(data.piece, data.wish)
        answer({ id: data.id, picture }, [picture.pixels.buffer])
    } catch (error) {
        if ('id' in data) answer({ id: data.id, failed: error instanceof Error ? error.message : String(error) })
    }
})
