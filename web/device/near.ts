/** How near a picture is looked at, and where: it is drawn so many times as large, its middle so far from that of the page, in px. */
export interface Near {
  scale: number
  x: number
  y: number
}

export const WHOLE: Near = { scale: 1, x: 0, y: 0 }
/** No picture is drawn larger. */
export const NEAREST = 6

/** Another scale, with what stands at a point staying there; the point is from the middle of the page. */
export function nearer(now: Near, to: number, at: { x: number; y: number }): Near {
  const scale = Math.max(0.6, Math.min(NEAREST, to))
  const by = scale / now.scale
  return { scale, x: at.x - (at.x - now.x) * by, y: at.y - (at.y - now.y) * by }
}

/**
 * Never smaller than whole, and never drawn past its own edges.
 *
 * @param size of the picture where it is whole, in px
 * @param page what it is seen in, in px
 */
export function within(near: Near, size: { width: number; height: number }, page: { width: number; height: number }): Near {
  if (near.scale <= 1) return WHOLE
  const most = (long: number, room: number) => Math.max(0, (long * near.scale - room) / 2)
  const hold = (value: number, bound: number) => Math.max(-bound, Math.min(bound, value))
  return { ...near, x: hold(near.x, most(size.width, page.width)), y: hold(near.y, most(size.height, page.height)) }
}
