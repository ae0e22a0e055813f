import type { Picture } from '@/closeup/closeup'

/** One picture of a film: what is seen, and what was done. */
export type Frame = { picture: Picture; caption: string; more: string }

/** A page of its own that plays pictures one after the other in any browser, without a network. */
export async function filmOf(title: string, frames: readonly Frame[]): Promise<Blob> {
    const shown = []
    for (const { picture, caption, more } of frames)
        shown.push({ image: await jpegOf(picture), caption, more, wide: picture.width, tall: picture.height })
    return new Blob([pageOf(title, shown)], { type: 'text/html' })
}

/** A picture as text that a page can hold. */
function jpegOf({ width, height, pixels }: Picture): Promise<string> {
    const canvas = document.createElement('canvas')
    canvas.width = width
    canvas.height = height
    canvas.getContext('2d')?.putImageData(new ImageData(pixels, width, height), 0, 0)
    return Promise.resolve(canvas.toDataURL('image/jpeg', 0.86))
}

type Still = { image: string; caption: string; more: string; wide: number; tall: number }

/** Nothing moves by itself where somebody has asked for less motion, and arrow keys go from picture to picture. */
export function pageOf(title: string, stills: readonly Still[]): string {
    const data = JSON.stringify(stills).replaceAll('<', '\\u003c')
    return `<!doctype html>
<html lang="en">
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<meta name="robots" content="noindex">
<title>${escaped(title)}</title>
<style>
body { margin: 0; background: #1f1f1e; color: #efeee9; font: 16px/1.4 sans-serif; }
main { max-width: 960px; margin: 0 auto; padding: 16px; }
img { display: block; width: 100%; height: auto; border-radius: 4px; }
h1 { font-size: 20px; } p { margin: 8px 0 0; min-height: 3em; }
small { color: #b9b7ae; } button { font: inherit; padding: 8px 16px; } input { width: 60%; vertical-align: middle; }
</style>
<main>
<h1>${escaped(title)}</h1>
<img id="still" alt="">
<p><b id="caption"></b><br><small id="more"></small></p>
<button id="play">Play</button> <input id="at" type="range" min="0" aria-label="Which step">
<p><small>Simulated pictures.</small></p>
</main>
<script>
const stills = ${data}
const get = (id) => document.getElementById(id)
let playing = null
get('at').max = stills.length - 1
function show(at) {
    get('at').value = at
    get('still').src = stills[at].image
    get('still').width = stills[at].wide
    get('still').height = stills[at].tall
    get('still').alt = stills[at].caption
    get('caption').textContent = stills[at].caption
    get('more').textContent = stills[at].more
}
function stop() { clearInterval(playing); playing = null; get('play').textContent = 'Play' }
function play() {
    if (Number(get('at').value) === stills.length - 1) show(0)
    get('play').textContent = 'Stop'
    playing = setInterval(() => {
        const next = Number(get('at').value) + 1
        if (next < stills.length) show(next)
        else stop()
    }, 1600)
}
get('play').onclick = () => (playing === null ? play() : stop())
get('at').oninput = () => { stop(); show(Number(get('at').value)) }
show(0)
if (!matchMedia('(prefers-reduced-motion: reduce)').matches) play()
</script>
</html>
`
}

const escaped = (text: string): string =>
    text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;')
