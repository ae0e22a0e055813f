type Props = {
    label: string
    accept: string
    /** Null: none is chosen any more. */
    onText: (text: string | null) => void
}

/** A file of text, read as soon as it is chosen. */
export function FileField({ label, accept, onText }: Props) {
    return (
        <label className="flex flex-col gap-1">
            <span className="text-fine text-soft">{label}</span>
            <input
                type="file"
                accept={accept}
                className="pointer-coarse:min-h-11"
                onChange={async (event) => onText((await event.target.files?.[0]?.text()) ?? null)}
            />
        </label>
    )
}
