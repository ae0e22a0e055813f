import type { Painted } from '@/vehicle/drawing'
import { MARGIN } from '@/vehicle/raster'
import { draw, paint, type Shape } from '@/vehicle/studio'
import { finishKey } from './api'
import { arrange, type Sizes } from './arrange'
import { linesOf } from './lines'
import type { Look } from './Picture'

/** Pixels of the sheet on which all views are laid. */
const SHEET = { width: 1600, height: 1000 }
/** Units of ink per pixel of the sheet, and how much finer the picture is than the sheet. */
const FINE = 2
/** Dots of paint per pixel of the sheet: all four views of a tank take some seconds then. */
const DOTS = 1.2
/** The neutral ground on which colours are judged. */
const GROUND = '#c9c9c9'

/** All four views on one sheet, as the text of an SVG with the paint in it. */
export async function sheetOf(shape: Shape, sizes: Sizes, look: Look, title: string): Promise<string> {
    const { scale, views } = arrange(sizes, SHEET.width, SHEET.height)
    const key = finishKey(look.finish)
    const drawn = await Promise.all(
        views.map(async ({ view, left, top, width, height }) => {
            const { ink } = await draw(shape, view, scale * FINE, look.finish)
            const painted = await paint(shape, { ...look, view, scale: scale * DOTS, key })
            const edge = MARGIN / FINE
            const margin = MARGIN / DOTS
            const image =
                `<image x="${-margin}" y="${-margin}" width="${width + 2 * margin}" ` +
                `height="${height + 2 * margin}" preserveAspectRatio="none" href="${pngOf(painted)}"/>`
            const lines = linesOf(ink, scale, FINE).map(
                ({ d, stroke, width: thick, opacity, dashes }) =>
                    `<path d="${d}" stroke="${stroke}" stroke-width="${thick}" opacity="${opacity}"` +
                    `${dashes === undefined ? '' : ` stroke-dasharray="${dashes}"`}/>`,
            )
            return (
                `<g transform="translate(${left} ${top})">${image}` +
                `<g transform="translate(${-edge} ${-edge}) scale(${1 / FINE})" fill="none" ` +
                `stroke-linecap="round" stroke-linejoin="round">${lines.join('')}</g></g>`
            )
        }),
    )
    return (
        `<svg xmlns="http://www.w3.org/2000/svg" width="${SHEET.width}" height="${SHEET.height}" ` +
        `viewBox="0 0 ${SHEET.width} ${SHEET.height}"><title>${escaped(title)}</title>` +
        `<rect width="100%" height="100%" fill="${GROUND}"/>${drawn.join('')}</svg>`
    )
}

const escaped = (text: string): string => text.replace(/&/g, '&amp;').replace(/</g, '&lt;')

function pngOf({ width, height, pixels }: Painted): string {
    const canvas = document.createElement('canvas')
    canvas.width = width
    canvas.height = height
    canvas.getContext('2d')?.putImageData(new ImageData(pixels, width, height), 0, 0)
    return canvas.toDataURL('image/png')
}

/** The sheet as a picture of dots, twice as fine. */
export async function pictureOf(svg: string): Promise<Blob> {
    const image = new Image()
    const address = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }))
    try {
        image.src = address
        await image.decode()
        const canvas = document.createElement('canvas')
        canvas.width = SHEET.width * FINE
        canvas.height = SHEET.height * FINE
        canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height)
        return await new Promise((resolve, reject) =>
            canvas.toBlob((blob) => (blob === null ? reject(new Error('No picture was made.')) : resolve(blob))),
        )
    } finally {
        URL.revokeObjectURL(address)
    }
}

/** Prints the sheet alone, with its title above it, and leaves the page as it was. */
export async function print(svg: string, title: string): Promise<void> {
    const paper = document.createElement('section')
    paper.className = 'on-paper'
    const heading = document.createElement('h1')
    heading.textContent = title
    const image = new Image()
    const address = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }))
    image.src = address
    image.alt = title
    paper.append(heading, image)
    try {
        await image.decode()
        document.body.append(paper)
        window.print()
    } finally {
        paper.remove()
        URL.revokeObjectURL(address)
    }
}

export function save(content: Blob, name: string): void {
    const link = document.createElement('a')
    link.href = URL.createObjectURL(content)
    link.download = name
    link.click()
    setTimeout(() => URL.revokeObjectURL(link.href), 10_000)
}
