/** Devices that the deck can show, in dp. */
export interface Size {
  key: string
  label: string
  width: number
  height: number
  platform: 'ios' | 'android'
}

export const sizes: Size[] = [
  { key: 'phone', label: 'phone', width: 390, height: 760, platform: 'android' },
  { key: 'small', label: 'small phone', width: 320, height: 568, platform: 'ios' },
  { key: 'large', label: 'large phone', width: 430, height: 900, platform: 'ios' },
  { key: 'side', label: 'phone on its side', width: 844, height: 390, platform: 'android' },
  { key: 'fold', label: 'foldable, open', width: 673, height: 841, platform: 'android' },
  { key: 'tablet', label: 'tablet', width: 820, height: 1180, platform: 'ios' },
  { key: 'tabletSide', label: 'tablet on its side', width: 1280, height: 800, platform: 'android' },
]
