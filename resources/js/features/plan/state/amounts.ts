import type { Step } from '@/features/build'

type Amount = Step['amount']

/** From a breath to caked; what nobody has said counts as settled. */
export const AMOUNTS = ['breath', 'light', 'settled', 'heavy', 'caked'] as const

export const AMOUNT_WORDS: Record<(typeof AMOUNTS)[number], string> = {
    breath: 'a breath of it',
    light: 'light',
    settled: 'settled, as usual',
    heavy: 'heavy',
    caked: 'caked',
}

/** The next more or less; the same where there is none. */
export function stepped(amount: Amount, by: -1 | 1): Amount {
    const place = AMOUNTS.indexOf(AMOUNTS.find((one) => one === amount) ?? 'settled')
    return AMOUNTS[place + by] ?? amount
}
