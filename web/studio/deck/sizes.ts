/** Devices that the deck can show, in dp. */
export interface Size {
  key: string
  label: string
  width: number
  height: number
  platform: 'ios' | 'android'
  /** What the system keeps for itself at the edges, in dp, and whether something stands out at the top. */
  top: number
  bottom: number
  notch?: boolean
}

export const sizes: Size[] = [
  { key: 'phone', label: 'phone', width: 390, height: 760, platform: 'android', top: 28, bottom: 20, notch: true },
  { key: 'small', label: 'small phone', width: 320, height: 568, platform: 'ios', top: 20, bottom: 0 },
  { key: 'large', label: 'large phone', width: 430, height: 900, platform: 'ios', top: 50, bottom: 30, notch: true },
  { key: 'side', label: 'phone on its side', width: 844, height: 390, platform: 'android', top: 0, bottom: 16 },
  { key: 'fold', label: 'foldable, open', width: 673, height: 841, platform: 'android', top: 24, bottom: 20 },
  { key: 'tablet', label: 'tablet', width: 820, height: 1180, platform: 'ios', top: 24, bottom: 20 },
  { key: 'tabletSide', label: 'tablet on its side', width: 1280, height: 800, platform: 'android', top: 24, bottom: 16 },
]
