import { expect, test } from './test'
import { beginApp, nothingSerious, script } from './founder'
import { phone, shared } from './phone'

const APP = `app Clips

table Clips, each a Clip
  may be seen by everyone
  may be added by everyone
  Name is a text
  Film is a video of at most 60 seconds
  Call is a sound of at most 2 seconds

screen Clips, first
  Form for a new Clip asking Name, Film, Call, saying "Keep it"
    saved: say "Kept."
  List of Clips, by Name upward
    shows name as title
    tapped: go to Clip with this
    when empty: "No clips."

screen Clip, about one Clip
  Video at clip.film, called "The film"
  Sound at clip.call, called "The call"
`

/** A sound of so many seconds: RIFF with 8-bit PCM, 8,000 samples a second. */
function wav(seconds: number): Buffer {
  const data = Buffer.alloc(8000 * seconds, 0x80)
  const head = Buffer.alloc(44)
  head.write('RIFF', 0)
  head.writeUInt32LE(36 + data.length, 4)
  head.write('WAVEfmt ', 8)
  head.writeUInt32LE(16, 16)
  head.writeUInt16LE(1, 20)
  head.writeUInt16LE(1, 22)
  head.writeUInt32LE(8000, 24)
  head.writeUInt32LE(8000, 28)
  head.writeUInt16LE(1, 32)
  head.writeUInt16LE(8, 34)
  head.write('data', 36)
  head.writeUInt32LE(data.length, 40)
  return Buffer.concat([head, data])
}

test('a sound is sent, heard where it is asked for and where it is shown, and one that is too long is refused before it is sent', async ({ page, browser }) => {
  await beginApp(page, 'Clips')
  await script(page, APP)
  const p = await phone(browser, await shared(page))
  await p.getByLabel('Name').fill('Lark')
  const box = p.getByLabel('Call: a sound')
  let sent = 0
  p.on('request', (request) => (sent += Number(request.url().endsWith('/pictures'))))
  await box.setInputFiles({ name: 'long.wav', mimeType: 'audio/wav', buffer: wav(4) })
  await expect(p.getByText('This lasts for 2 seconds at the most; yours for 4. Please cut it, or choose another one.')).toBeVisible()
  expect(sent).toBe(0)
  // What takes long is broken off, and nothing of it is kept.
  let go: () => void = () => undefined
  const held = new Promise<void>((done) => (go = done))
  await p.route('**/pictures', async (route) => {
    await held
    await route.continue().catch(() => undefined)
  })
  await box.setInputFiles({ name: 'short.wav', mimeType: 'audio/wav', buffer: wav(1) })
  await expect(p.getByText(/^Sending…/)).toBeVisible()
  await p.getByRole('button', { name: 'Cancel' }).tap()
  await expect(p.getByText('Choose a sound… up to 2 s')).toBeVisible()
  await expect(p.locator('.box-wrong')).toHaveCount(0)
  go()
  await p.unroute('**/pictures')
  await box.setInputFiles({ name: 'short.wav', mimeType: 'audio/wav', buffer: wav(1) })
  const heard = p.locator('audio')
  await expect(heard).toHaveJSProperty('readyState', 4)
  await expect.poll(() => heard.evaluate((sound: HTMLAudioElement) => sound.duration)).toBe(1)
  await expect(p.getByText(/This lasts for/)).toHaveCount(0)
  await nothingSerious(p, 'a sound in a form')
  await p.getByRole('button', { name: 'Take Call away' }).tap()
  await expect(heard).toHaveCount(0)
  await p.getByLabel('Call: a sound').setInputFiles({ name: 'short.wav', mimeType: 'audio/wav', buffer: wav(1) })
  await expect(heard).toBeVisible()
  await p.getByRole('button', { name: 'Keep it' }).tap()
  await expect(p.getByText('Kept.')).toBeVisible()
  await p.getByText('Lark').tap()
  await expect(p.getByLabel('The call')).toHaveAttribute('src', /\.wav$/)
  await expect(p.getByText('There is no video to show.')).toBeVisible()
})

test('of a film a picture is taken along, which stands for it until it is played', async ({ page, browser }) => {
  await beginApp(page, 'Clips')
  await script(page, APP.replace('a video of at most 60 seconds', 'a video'))
  const p = await phone(browser, await shared(page))
  await p.getByLabel('Name').fill('Wave')
  // A film of the browser's own making: half a second of red.
  const film = await p.evaluate(async () => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 160, height: 90 })
    const pen = canvas.getContext('2d')!
    const recorder = new MediaRecorder(canvas.captureStream(20), { mimeType: 'video/webm' })
    const parts: Blob[] = []
    recorder.ondataavailable = ({ data }) => parts.push(data)
    recorder.start()
    for (let i = 0; i < 20; i++) {
      pen.fillStyle = `rgb(${200 + i}, 0, 0)`
      pen.fillRect(0, 0, 160, 90)
      await new Promise(requestAnimationFrame)
    }
    await new Promise((done) => ((recorder.onstop = done), recorder.stop()))
    const bytes = new Uint8Array(await new Blob(parts).arrayBuffer())
    return btoa(String.fromCharCode(...bytes))
  })
  await p.getByLabel('Film: a film').setInputFiles({ name: 'wave.webm', mimeType: 'video/webm', buffer: Buffer.from(film, 'base64') })
  const shown = p.locator('.box-recording video')
  await expect(shown).toBeVisible()
  const poster = await p.request.get((await shown.getAttribute('poster')) ?? '')
  expect([poster.status(), poster.headers()['content-type']]).toEqual([200, 'image/jpeg'])
  await p.getByRole('button', { name: 'Keep it' }).tap()
  await expect(p.getByText('Kept.')).toBeVisible()
  await p.getByText('Wave').tap()
  const played = p.getByLabel('The film')
  await expect.poll(() => played.evaluate((film: HTMLVideoElement) => film.readyState)).toBeGreaterThan(0)
  await played.evaluate((film: HTMLVideoElement) => film.play())
  await expect.poll(() => played.evaluate((film: HTMLVideoElement) => film.currentTime)).toBeGreaterThan(0)
})
