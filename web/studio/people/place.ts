/** Permissions are written with their tables; what is found about them is shown here. */
export function pageOf(at: string): string | undefined {
  if (at.startsWith('/signIn') || at.startsWith('/roles')) return 'ways'
  return at.startsWith('/tables') ? 'access' : undefined
}
