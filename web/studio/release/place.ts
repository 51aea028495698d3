export const pageOf = (at: string): string | undefined => (/^\/(release|pictures)\b/.test(at) ? '' : undefined)
