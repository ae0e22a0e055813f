import type { Supplies } from '@/contract'

/** "0.4 ml", "12 ml": as exact as anybody measures. */
export const sayMl = (ml: number): string => `${ml < 10 ? Math.max(0.1, ml).toFixed(1) : ml.toFixed(0)} ml`

/** What is wrong with a jar that plans take from, over all of them; null: it does. */
export function sayLack(jar: Supplies['jars'][number] | undefined): string | null {
    switch (jar?.shortage) {
        case 'not-there':
            return jar.needMl === null
                ? 'Not on your shelf.'
                : `Not on your shelf; the plans take ${sayMl(jar.needMl)}.`
        case 'too-little':
            return `The plans take ${sayMl(jar.needMl ?? 0)}, and ${sayMl(jar.leftMl ?? 0)} are left.`
        case 'goes-off':
            return `It keeps until ${jar.goesOffOn}, and is wanted later.`
        default:
            return null
    }
}
