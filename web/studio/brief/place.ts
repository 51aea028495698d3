/** Notes and errands are written on the only page of the station. */
export const pageOf = (at: string): string | undefined => (/^\/(notes|errands)/.test(at) ? '' : undefined)
