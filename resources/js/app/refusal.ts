import type { FieldValues, Path, UseFormSetError } from 'react-hook-form'
import { ApiError } from './http'

/**
 * Says what the server refused where it was entered: `where` leads from the server's names to the form's fields.
 * What is about none of them stands under the form (`root`).
 */
export function sayRefusal<Typed extends FieldValues>(
    error: unknown,
    where: Readonly<Record<string, Path<Typed>>>,
    setError: UseFormSetError<Typed>,
): void {
    const faults = error instanceof ApiError ? error.faults : []
    let isSaid = false
    for (const fault of faults) {
        const field = where[fault.path]
        if (field === undefined) continue
        setError(field, { message: fault.message })
        isSaid = true
    }
    if (!isSaid) setError('root', { message: error instanceof Error ? error.message : 'It could not be kept.' })
}
