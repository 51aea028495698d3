/** In a package the app's own files come from here: packaging/android/smali, packaging/ios/App. */
const ORIGINS = ['https://app.lanai.invalid', 'lanai://localhost']

/**
 * Asks the phone for something that a page cannot do by itself. Only the app's own page is answered.
 *
 * @returns what came of it; null where there is no phone that can
 */
export const shell = (name: string, argument = ''): string | null => 
  ORIGINS.includes(location.origin) ? window.prompt(`lanai:${name}`, argument) : null

/** The phone tells how far its own bars reach into the page, in its own pixels. */
export function listenToEdges() {
  ;(window as { lanaiEdges?: (...edges: number[]) => void }).lanaiEdges = (...edges) => {
    const names = ['top', 'right', 'bottom', 'left']
    for (const [i, px] of edges.entries()) document.documentElement.style.setProperty(`--edge-${names[i]}`, `${px / devicePixelRatio}px`)
  }
}
