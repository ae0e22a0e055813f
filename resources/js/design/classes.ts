/** Style classes from parts, so that a long list of them can be read line by line. */
export const classes = (...parts: readonly string[]): string => parts.filter((part) => part !== '').join(' ')
