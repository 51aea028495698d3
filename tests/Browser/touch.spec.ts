import { expect, test, type Browser, type Page } from './test'
import { beginApp, script } from './founder'
import { Finger, phone, shared } from './phone'

const JARS = `app Jars

table Jars, each a Jar
  may be seen by everyone
  may be added by everyone
  may be changed by everyone
  may be removed by everyone
  Name is a text, required
  Full is yes or no

table Seals, each a Seal
  may be seen by everyone
  may be added by everyone
  may be changed by nobody
  may be removed by nobody
  Name is a text, required

screen Shelf, first
  Form for a new Jar asking Name, saying "Put it there"
    saved:
      add a Seal
        set Name = this.name
  List of Jars, by Name upward
    shows name as title
    shows full ? "full" : "empty" as note
    tapped:
      go to One with this
    swiped "Empty"
      tapped:
        change this
          set Full = not full
    swiped "Away", dangerous
      tapped:
        remove this
    when empty: "No jars."
  Button "More"
    tapped:
      open sheet About
  Space of 400
  Space of 400
  Sheet About
    Text "What stands here is kept cool."
    Button "Count"
      tapped:
        say "{count(jars)} jars"
    Space of 400
    Space of 400

screen Seals, titled "Seals"
  List of Seals, by Name upward
    shows name as title
    swiped "Break", dangerous
      tapped:
        remove this
    when empty: "No seals."

screen One, about one Jar, titled "{jar.name}"
  Text "A jar of its own."

tab Shelf as "Shelf"

tab Seals as "Seals"
`

const item = (name: string) => `.item-place:has-text("${name}")`

async function jars(page: Page, browser: Browser, like: 'Pixel 7' | 'iPhone 14' = 'Pixel 7'): Promise<[Page, Finger]> {
  await beginApp(page, 'Jars')
  await script(page, JARS)
  const p = await phone(browser, await shared(page), like)
  for (const name of ['Plum', 'Quince']) {
    await p.getByLabel('Name').fill(name)
    await p.getByRole('button', { name: 'Put it there' }).tap()
    await expect(p.locator(item(name))).toBeVisible()
  }
  return [p, await Finger.on(p)]
}

test('a row slides open on its actions, and a whole swipe does the first', async ({ page, browser }) => {
  const [p, finger] = await jars(page, browser)
  await finger.drag(p, item('Plum'), -150, 4)
  const away = p.locator('.slide-action', { hasText: 'Away' })
  await expect(away).toBeVisible()
  // Elsewhere is tapped: it closes, and nothing was done.
  await p.getByText('No jars.').or(p.getByRole('heading', { level: 1 })).first().tap()
  await expect(away).toHaveCount(0)
  await finger.drag(p, item('Plum'), -320, 4, 100)
  await expect(p.locator(item('Plum'))).toContainText('full')
  await finger.drag(p, item('Plum'), -150, 4)
  await away.tap()
  await expect(p.locator(item('Plum'))).toHaveCount(0)
  await expect(p.locator(item('Quince'))).toBeVisible()
  // A tap is still a tap.
  await p.getByText('Quince').tap()
  await expect(p.getByText('A jar of its own.')).toBeVisible()
})

test('what is removed by a swipe is gone at once, and back where that was refused', async ({ page, browser }) => {
  const [p, finger] = await jars(page, browser)
  await p.getByRole('button', { name: 'Seals' }).tap()
  await expect(p.getByRole('heading', { level: 1 })).toHaveText('Seals')
  await expect(p.locator('html.turn')).toHaveCount(0)
  await expect(p.locator(item('Plum'))).toBeVisible()
  let answer: () => void = () => undefined
  const held = new Promise<void>((done) => (answer = done))
  await p.route('**/do', async (route) => (await held, route.continue()))
  await finger.drag(p, item('Plum'), -330, 2, 110)
  await expect(p.locator(item('Plum'))).toBeHidden()
  answer()
  await expect(p.getByRole('alert')).toBeVisible()
  await expect(p.locator(item('Plum'))).toBeVisible()
})

test('the page is pulled down to read it anew, and scrolled as ever', async ({ page, browser }) => {
  const [p, finger] = await jars(page, browser)
  const main = p.locator('main')
  let views = 0
  p.on('request', (request) => request.url().endsWith('/view') && views++)
  await finger.down(200, 300)
  await finger.draw(0, 90)
  await expect(p.locator('.pull')).toBeVisible()
  await expect(p.locator('.pull.ready')).toHaveCount(0)
  await finger.draw(0, 90)
  await expect(p.locator('.pull.ready')).toBeVisible()
  const before = views
  await finger.up()
  await expect.poll(() => views).toBeGreaterThan(before)
  await expect(p.locator('.pull')).toHaveCount(0)
  await finger.down(200, 600)
  await finger.draw(0, -300)
  await finger.up()
  await expect.poll(() => main.evaluate((el) => el.scrollTop)).toBeGreaterThan(100)
  await finger.down(200, 300)
  await finger.draw(0, 60)
  await expect(p.locator('.pull')).toHaveCount(0)
  await finger.up()
})

test('a sheet opens half, is drawn up and down, and away', async ({ page, browser }) => {
  const [p, finger] = await jars(page, browser)
  await p.getByRole('button', { name: 'More', exact: true }).tap()
  const sheet = p.getByRole('dialog', { name: 'About' })
  await expect(sheet).toBeVisible()
  await sheet.evaluate((el) => Promise.all(el.getAnimations().map((one) => one.finished)))
  const high = async () => ((await sheet.boundingBox())?.height ?? 0) / (p.viewportSize()?.height ?? 1)
  expect(await high()).toBeLessThan(0.6)
  await finger.drag(p, '.sheet-grip', 0, -150)
  await expect.poll(high).toBeGreaterThan(0.8)
  // What is tapped in it works.
  await sheet.getByRole('button', { name: 'Count' }).tap()
  await expect(p.getByText('2 jars')).toBeVisible()
  // A little way down and up again, it stays; how quickly is no matter.
  const grip = await p.locator('.sheet-grip').boundingBox()
  await finger.down((grip?.x ?? 0) + 30, (grip?.y ?? 0) + 20)
  await finger.draw(0, 60)
  await finger.draw(0, -30)
  await finger.up()
  await expect(sheet).toBeVisible()
  await finger.drag(p, '.sheet-grip', 0, 450)
  await expect(sheet).toHaveCount(0)
})

test('by the habits of some phones a page is drawn away from the edge to go back', async ({ page, browser }) => {
  const [p, finger] = await jars(page, browser, 'iPhone 14')
  await p.getByText('Quince').tap()
  await expect(p.getByText('A jar of its own.')).toBeVisible()
  // From the middle, or not far enough, it stays.
  await finger.down(200, 400)
  await finger.draw(150, 5)
  await finger.up()
  await finger.down(8, 400)
  await finger.draw(90, 5, 40)
  await finger.draw(-70, 0, 10)
  await finger.up()
  await expect(p.getByText('A jar of its own.')).toBeVisible()
  await finger.down(8, 400)
  await finger.draw(260, 5)
  await finger.up()
  await expect(p.locator(item('Quince'))).toBeVisible()
})
