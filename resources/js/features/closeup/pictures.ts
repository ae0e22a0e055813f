/** By the code of a look: where its picture is, drawn from a demo plan by docs/faults.mjs. */
const PICTURES = import.meta.glob<string>('./faults/*.jpg', { eager: true, query: '?url', import: 'default' })

/** 420 by 280 dots; undefined: nobody has drawn one. */
export const pictureOf = (look: string): string | undefined => PICTURES[`./faults/${look}.jpg`]
