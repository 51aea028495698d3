const WIDEST = 1280
const PATIENCE = 8000

const event = (on: HTMLMediaElement, name: string) =>
  new Promise<boolean>((done) => {
    on.addEventListener(name, () => done(true), { once: true })
    on.addEventListener('error', () => done(false), { once: true })
    setTimeout(() => done(false), PATIENCE)
  })

/** What this device can tell of a film or a sound: how long it lasts in seconds, and of a film a picture early in it. Each null where it cannot. */
export async function told(file: File, film: boolean): Promise<{ seconds: number | null; poster: Blob | null }> {
  const media = document.createElement(film ? 'video' : 'audio')
  media.muted = true
  media.preload = 'auto'
  media.src = URL.createObjectURL(file)
  try {
    if (!(await event(media, film ? 'loadeddata' : 'loadedmetadata'))) return { seconds: null, poster: null }
    const seconds = Number.isFinite(media.duration) ? media.duration : null
    return { seconds, poster: media instanceof HTMLVideoElement ? await drawn(media, seconds) : null }
  } finally {
    URL.revokeObjectURL(media.src)
  }
}

async function drawn(film: HTMLVideoElement, seconds: number | null): Promise<Blob | null> {
  film.currentTime = Math.min(0.5, (seconds ?? 0) / 4)
  await event(film, 'seeked')
  const scale = Math.min(1, WIDEST / Math.max(film.videoWidth, film.videoHeight, 1))
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(film.videoWidth * scale)
  canvas.height = Math.round(film.videoHeight * scale)
  if (!canvas.width || !canvas.height) return null
  canvas.getContext('2d')?.drawImage(film, 0, 0, canvas.width, canvas.height)
  return new Promise((done) => canvas.toBlob(done, 'image/jpeg', 0.82))
}
