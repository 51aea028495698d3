/** Notes are written on the only page of the station. */
export const pageOf = (at: string): string | undefined => (at.startsWith('/notes') ? '' : undefined)
