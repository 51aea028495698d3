import { expect, test } from './test'
import { beginApp, nothingSerious, script } from './founder'
import { Finger, phone, shared } from './phone'

const PICTURE = 'docs/screenshots/device.png'
const APP = `app Roofs

table Hives, each a Hive
  may be seen by everyone
  may be added by everyone
  may be changed by everyone
  may be removed by everyone
  Name is a text, required
  Photo is a picture

screen Welcome, first, full screen
  Pages, ending with "Begin", which may be skipped
    page
      Heading "Keep bees on the roof"
    page
      Heading "Write down what you saw"
    page
      Heading "Ask those who know"
    finished:
      say "Welcome."
      go to Start

screen Start, titled "Hives"
  Form for a new Hive asking Name, Photo, saying "Keep it"
    saved:
      say "Kept."
  List of Hives, by Name upward, as pages
    shows photo as picture
    shows name as title
    tapped:
      go to One with this
    when empty: "None."

screen One, about one Hive, titled "{hive.name}"
  Picture of hive.photo, described as "The hive"

tab Start as "Hives"
`

test('pages are swiped, gone on with, skipped, and lead on from the last one', async ({ page, browser }) => {
  await beginApp(page, 'Roofs')
  await script(page, APP)
  const address = await shared(page)
  const p = await phone(browser, address)
  const finger = await Finger.on(p)
  await expect(p.getByRole('status', { name: 'Page 1 of 3' })).toBeVisible()
  await nothingSerious(p, 'pages')
  await finger.drag(p, '.pages-way', -300, 0)
  await expect(p.getByRole('status', { name: 'Page 2 of 3' })).toBeVisible()
  await expect(p.getByRole('heading', { name: 'Write down' })).toBeInViewport({ ratio: 1 })
  await finger.drag(p, '.pages-way', 300, 0)
  await expect(p.getByRole('status', { name: 'Page 1 of 3' })).toBeVisible()
  for (const n of [2, 3]) {
    await p.getByRole('button', { name: 'Go on' }).tap()
    await expect(p.getByRole('status', { name: `Page ${n} of 3` })).toBeVisible()
  }
  await p.reload()
  await expect(p.getByRole('status', { name: 'Page 3 of 3' }), 'A page loaded anew stays where it was.').toBeVisible()
  await expect(p.getByRole('button', { name: 'Skip' })).toHaveCount(0)
  await p.getByRole('button', { name: 'Begin' }).tap()
  await expect(p.getByText('Welcome.')).toBeVisible()
  await expect(p.getByRole('heading', { level: 1 })).toHaveText('Hives')

  const other = await phone(browser, address, 'iPhone 14')
  await other.locator('.pages-way').press('ArrowRight')
  await expect(other.getByRole('status', { name: 'Page 2 of 3' })).toBeVisible()
  await other.getByRole('button', { name: 'Skip' }).tap()
  await expect(other.getByRole('heading', { level: 1 })).toHaveText('Hives')
})

test('a list is swiped as pages, and a picture is looked at closely with two fingers', async ({ page, browser }) => {
  await beginApp(page, 'Roofs')
  await script(page, APP)
  const p = await phone(browser, `${await shared(page)}#/start`)
  const finger = await Finger.on(p)
  for (const name of ['Alder', 'Beech']) {
    await p.getByLabel('Name').fill(name)
    await p.locator('input[type=file]').setInputFiles(PICTURE)
    await expect(p.locator('.box img')).toBeVisible()
    await p.getByRole('button', { name: 'Keep it' }).tap()
    await expect(p.locator(`.item:has-text("${name}")`)).toHaveCount(1)
  }
  await finger.drag(p, '.pages-list', -300, 0)
  await expect(p.getByRole('status', { name: 'Page 2 of 2' })).toBeVisible()
  await p.getByText('Beech').tap()
  await expect(p.getByRole('heading', { level: 1 })).toHaveText('Beech')

  const picture = p.getByRole('button', { name: 'The hive, look closer' })
  await picture.tap()
  const large = p.getByRole('dialog', { name: 'The hive' })
  const image = large.getByRole('img')
  await expect(image).toBeVisible()
  await p.waitForFunction(() => !document.querySelector('.large-picture img')?.getAnimations().length)
  const whole = (await image.boundingBox())!
  await finger.pinch(180, 400, 40, 160)
  await expect.poll(async () => (await image.boundingBox())!.width).toBeGreaterThan(whole.width * 2.5)
  const near = (await image.boundingBox())!
  await nothingSerious(p, 'a picture looked at closely')
  await finger.drag(p, '.large-picture', 60, 0)
  await expect.poll(async () => (await image.boundingBox())!.x).toBeGreaterThan(near.x + 30)
  await finger.drag(p, '.large-picture', 4000, 0)
  await expect.poll(async () => (await image.boundingBox())!.x, 'It is not drawn past its edge.').toBeLessThanOrEqual(1)
  await finger.pinch(180, 400, 160, 20)
  await expect.poll(async () => Math.round((await image.boundingBox())!.width)).toBe(Math.round(whole.width))
  await finger.drag(p, '.large-picture', 0, 200)
  await expect(large).toHaveCount(0)
  await expect(picture).toBeFocused()
  await picture.press('Enter')
  await expect(large).toBeVisible()
  await p.goBack()
  await expect(large).toHaveCount(0)
  await expect(p.getByRole('heading', { level: 1 })).toHaveText('Beech')
})

const COVES = `app Coves

table Coves, each a Cove
  may be seen by everyone
  may be added by everyone
  may be changed by everyone
  may be removed by everyone
  Name is a text, required
  Photo is a picture

screen Start, titled "Coves along the coast", first, its title large
  in the title bar:
${['Add', 'Like', 'Rate', 'Ring'].map((name) => `    Icon button heart, described as "${name}"\n      tapped:\n        say "${name}: done"`).join('\n')}
  Form for a new Cove asking Name, Photo, saying "Keep it"
    saved:
      go to One with this
  Space of 400
  Space of 400

screen One, about one Cove, titled "{cove.name}", its title over the picture
  Picture of cove.photo, described as "The cove"
  Text "A sheltered place."
  Space of 400
  Space of 400
`

test('a title is large until one scrolls, or stands over the picture; three actions stand beside it, more are in a menu', async ({ page, browser }) => {
  await beginApp(page, 'Coves')
  await script(page, COVES)
  const p = await phone(browser, await shared(page))
  const title = p.getByRole('heading', { level: 1 })
  const small = p.locator('.bar-title')
  await expect(title).toHaveText('Coves along the coast')
  await expect(small).toHaveClass(/gone/)
  await nothingSerious(p, 'a large title')
  await p.locator('main').evaluate((main) => main.scrollTo(0, 300))
  await expect(small).not.toHaveClass(/gone/)
  await p.locator('main').evaluate((main) => main.scrollTo(0, 0))
  await expect(small).toHaveClass(/gone/)

  await p.getByRole('button', { name: 'Like' }).tap()
  await expect(p.getByText('Like: done')).toBeVisible()
  await expect(p.locator('.bar').getByRole('button', { name: 'Rate' })).toHaveCount(0)
  await p.getByRole('button', { name: 'More' }).tap()
  await p.getByRole('menuitem', { name: 'Ring' }).tap()
  await expect(p.getByText('Ring: done')).toBeVisible()

  await p.getByLabel('Name').fill('Lantern')
  await p.locator('input[type=file]').setInputFiles(PICTURE)
  await expect(p.locator('.box img')).toBeVisible()
  await p.getByRole('button', { name: 'Keep it' }).tap()
  await expect(title).toHaveText('Lantern')
  expect((await p.locator('.picture').boundingBox())!.y, 'The picture begins at the edge, under the bar.').toBe(0)
  await expect(p.locator('.bar')).not.toHaveClass(/solid/)
  await p.locator('main').evaluate((main) => main.scrollTo(0, 300))
  await expect(p.locator('.bar')).toHaveClass(/solid/)
})
