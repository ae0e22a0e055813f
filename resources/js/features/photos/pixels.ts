import { addressOf } from './api'

/** Pixels across which a photograph is looked at: enough for its values, and done in a moment. */
const WIDE = 240

/** A photograph as pixels, small; null: it could not be fetched, or this browser draws nothing. */
export async function pixelsOf(photo: string): Promise<ImageData | null> {
    const image = new Image()
    const isThere = new Promise<boolean>((resolve) => {
        image.onload = () => resolve(true)
        image.onerror = () => resolve(false)
    })
    image.src = addressOf(photo, 'small')
    if (!(await isThere)) return null
    const canvas = document.createElement('canvas')
    canvas.width = WIDE
    canvas.height = Math.max(1, Math.round((WIDE * image.naturalHeight) / image.naturalWidth))
    const context = canvas.getContext('2d', { willReadFrequently: true })
    if (context === null) return null
    context.drawImage(image, 0, 0, canvas.width, canvas.height)
    return context.getImageData(0, 0, canvas.width, canvas.height)
}
