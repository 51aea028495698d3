export const pageOf = (at: string): string | undefined => (at.startsWith('/release') ? '' : undefined)
