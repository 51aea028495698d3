export function pageOf(at: string): string | undefined {
  return at.startsWith('/products') ? 'products' : undefined
}
