/** Version of the code that draws vehicles; the build writes it in. */
declare const __DRAWING__: string
