export function pageOf(at: string): string | undefined {
  if (at.startsWith('/messages') || at.startsWith('/sends')) return 'messages'
  if (at.startsWith('/languages')) return 'languages'
  return at.startsWith('/funnels') ? 'funnels' : undefined
}
