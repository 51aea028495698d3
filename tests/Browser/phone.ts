import { devices, type Browser, type CDPSession, type Page } from '@playwright/test'

/** A phone with touch; the names of the devices say whose habits it has. */
export async function phone(browser: Browser, address: string, like: 'Pixel 7' | 'iPhone 14' | 'iPad Mini' = 'Pixel 7'): Promise<Page> {
  const { viewport, userAgent, hasTouch, isMobile } = devices[like]
  const page = await (await browser.newContext({ viewport, userAgent, hasTouch, isMobile, deviceScaleFactor: 1 })).newPage()
  await page.goto(address)
  return page
}

/** The app that is open in the studio, in the sandbox, as its share code opens it on any phone. */
export async function shared(page: Page): Promise<string> {
  const id = /apps\/(\d+)/.exec(page.url())?.[1]
  const { app } = await page.evaluate(async (id) => (await fetch(`/api/apps/${id}`, { headers: { Accept: 'application/json' } })).json(), id)
  return `/s/${app.shareCode}`
}

/** One finger, by the touch events that a browser makes of a real one. */
export class Finger {
  private x = 0
  private y = 0

  private constructor(private readonly line: CDPSession) {}

  static async on(page: Page): Promise<Finger> {
    return new Finger(await page.context().newCDPSession(page))
  }

  private send(type: 'touchStart' | 'touchMove' | 'touchEnd'): Promise<unknown> {
    return this.line.send('Input.dispatchTouchEvent', { type, touchPoints: type === 'touchEnd' ? [] : [{ x: this.x, y: this.y }] })
  }

  async down(x: number, y: number): Promise<void> {
    ;[this.x, this.y] = [x, y]
    await this.send('touchStart')
  }

  /** In steps, as a finger goes. */
  async draw(byX: number, byY: number, steps = 12): Promise<void> {
    for (let i = 0; i < steps; i++) {
      this.x += byX / steps
      this.y += byY / steps
      await this.send('touchMove')
    }
  }

  async up(): Promise<void> {
    await this.send('touchEnd')
  }

  /** Two of them, one left and one right of a point, from one distance to another. */
  async pinch(x: number, y: number, from: number, to: number, steps = 12): Promise<void> {
    const both = (apart: number) => [-1, 1].map((side, id) => ({ x: x + (side * apart) / 2, y, id }))
    await this.line.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: both(from) })
    for (let i = 1; i <= steps; i++) {
      await this.line.send('Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: both(from + ((to - from) * i) / steps) })
    }
    await this.line.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] })
  }

  /** Put down in the middle of an element, or beside it, drawn along and let go. */
  async drag(page: Page, selector: string, byX: number, byY: number, aside = 0): Promise<void> {
    const box = await page.locator(selector).first().boundingBox()
    if (!box) throw new Error(`${selector} is not there.`)
    await this.down(box.x + box.width / 2 + aside, box.y + box.height / 2)
    await this.draw(byX, byY)
    await this.up()
  }
}
