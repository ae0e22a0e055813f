export function Nothing() {
    return <p className="p-6 text-center text-soft">Nothing here goes by these words.</p>
}
