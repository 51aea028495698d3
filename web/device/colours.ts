/** Colours to choose from: hues, each light, clear and dark, and greys; each with a name that is read aloud. */
export interface Swatch {
  /** “Light” or “Dark”; '' for neither. */
  tone: string
  name: string
  hex: string
}

const HUES: [string, number][] = [
  ['Red', 4],
  ['Orange', 26],
  ['Yellow', 48],
  ['Lime', 84],
  ['Green', 140],
  ['Teal', 174],
  ['Blue', 210],
  ['Indigo', 238],
  ['Violet', 276],
  ['Pink', 330],
]
const TONES: [string, number, number][] = [
  ['Light', 0.72, 0.8],
  ['', 0.68, 0.48],
  ['Dark', 0.62, 0.26],
]

/** sRGB of a hue, a saturation and a lightness, by the formula of CSS Color 4, section 7.1 (https://www.w3.org/TR/css-color-4/#hsl-to-rgb). */
export function hexOf(hue: number, saturation: number, lightness: number): string {
  const part = (n: number) => {
    const k = (n + hue / 30) % 12
    return lightness - saturation * Math.min(lightness, 1 - lightness) * Math.max(-1, Math.min(k - 3, 9 - k, 1))
  }
  return '#' + [0, 8, 4].map((n) => Math.round(part(n) * 255).toString(16).padStart(2, '0')).join('').toUpperCase()
}

export const SWATCHES: Swatch[] = [
  ...TONES.flatMap(([tone, s, l]) => HUES.map(([hue, at]) => ({ tone, name: tone ? hue.toLowerCase() : hue, hex: hexOf(at, s, l) }))),
  ...[['White', 1], ['Light grey', 0.82], ['Grey', 0.55], ['Dark grey', 0.3], ['Black', 0]].map(([name, l]) => ({
    tone: '',
    name: String(name),
    hex: hexOf(0, 0, Number(l)),
  })),
]
