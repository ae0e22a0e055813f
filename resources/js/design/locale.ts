/** Dates and numbers in the reader's own form. */
export const LOCALE = typeof navigator === 'undefined' ? 'en-GB' : navigator.language || 'en-GB'

/** A time is one word, also where the browser writes "7:30 PM". */
export const unbroken = (time: string): string => time.replace(/\s(?=[AP]\.?M)/giu, '\u00a0')

/** Moments in the reader's form, never torn apart at the end of a line between the number and its half of the day. */
export function timesIn(options: Intl.DateTimeFormatOptions): { format: (date: Date) => string } {
    const times = new Intl.DateTimeFormat(LOCALE, options)
    return { format: (date) => unbroken(times.format(date)) }
}
