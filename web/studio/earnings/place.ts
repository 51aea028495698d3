export function pageOf(at: string): string | undefined {
  if (at.startsWith('/adverts')) return 'adverts'
  return at.startsWith('/products') ? 'products' : undefined
}
