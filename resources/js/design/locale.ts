/** Dates and numbers in the reader's own form. */
export const LOCALE = typeof navigator === 'undefined' ? 'en-GB' : navigator.language || 'en-GB'
