// Keeps the app's own files and pictures for when there is no network. Views of screens are kept by the app itself.
const CACHE = '{{cache}}-{{stamp}}'
const SEEN = '{{cache}}-pictures'
/** What the app is made of. */
const FILES = {{files}}
/** Where it begins, and what its files and pictures lie under; everything else is none of its business. */
const [PAGE, BUILT, PICTURES] = [{{page}}, {{built}}, {{pictures}}].map((path) => new URL(path, self.location).href)
const MOST = 120

self.addEventListener('install', (event) => {
  event.waitUntil(caches.open(CACHE).then((cache) => cache.addAll(FILES)).then(() => self.skipWaiting()))
})

self.addEventListener('activate', (event) => {
  event.waitUntil(caches.keys()
    .then((names) => names.filter((name) => name.startsWith('{{cache}}-') && name !== CACHE && name !== SEEN))
    .then((old) => Promise.all(old.map((name) => caches.delete(name))))
    .then(() => self.clients.claim()))
})

/** The page as it is now, and as it was where there is no network. */
async function page(request) {
  const cache = await caches.open(CACHE)
  try {
    const answer = await fetch(request)
    if (answer.ok) await cache.put(PAGE, answer.clone())
    return answer
  } catch (error) {
    const kept = await cache.match(PAGE)
    if (kept) return kept
    throw error
  }
}

/** Under its name a file never changes. */
async function file(request) {
  return (await (await caches.open(CACHE)).match(request)) ?? fetch(request)
}

/** Pictures that were seen; the oldest make room. */
async function picture(request) {
  const cache = await caches.open(SEEN)
  const kept = await cache.match(request)
  if (kept) return kept
  const answer = await fetch(request)
  // Sounds and films come in parts, and are left to the browser.
  if (answer.status === 200) {
    await cache.put(request, answer.clone())
    const all = await cache.keys()
    await Promise.all(all.slice(0, Math.max(0, all.length - MOST)).map((old) => cache.delete(old)))
  }
  return answer
}

self.addEventListener('fetch', (event) => {
  const { method, mode, url } = event.request
  const bare = url.replace(/[?#].*$/, '')
  if (method !== 'GET') return
  if (mode === 'navigate') {
    if (bare === PAGE || bare === PAGE.replace(/index\.html$/, '')) event.respondWith(page(event.request))
  } else if (event.request.destination === 'image' && bare.startsWith(PICTURES) && new URL(url).origin === self.location.origin) {
    event.respondWith(picture(event.request))
  } else if (bare.startsWith(BUILT)) event.respondWith(file(event.request))
})

/** The app is told that a message has come to this phone. */
const came = (id) => fetch({{device}} + '/notify/came', {
  method: 'POST',
  credentials: 'omit',
  headers: { 'Content-Type': 'application/json', Accept: 'application/json' },
  body: JSON.stringify({ id }),
})

/** A message of the app (Push API of the W3C). The same one a second time takes the place of the first, and makes no sound. */
self.addEventListener('push', (event) => {
  let told = {}
  try {
    told = event.data?.json() ?? {}
  } catch {
    // What cannot be read is shown as news without words: a browser shows something in any case.
  }
  const { id = '', title = '', body = '', image, tag, silent = false, data = {} } = told
  const shown = self.registration.showNotification(title || 'News', { body, image, silent, tag: tag || id, data: { id, ...data } })
  event.waitUntil(Promise.allSettled([shown, id ? came(id) : undefined]))
})

/** The app, where the message leads; “told” is the number of the message. */
self.addEventListener('notificationclick', (event) => {
  event.notification.close()
  const { id = '', screen = '', args = [] } = event.notification.data ?? {}
  const url = new URL(PAGE)
  if (id) url.searchParams.set('told', id)
  const written = args.map((one) => (typeof one === 'number' ? String(one) : `~${encodeURIComponent(one)}`))
  if (screen) url.hash = `/${[encodeURIComponent(screen), ...written].join('/')}`
  event.waitUntil(self.clients.matchAll({ type: 'window', includeUncontrolled: true }).then(async (open) => {
    const app = open.find((client) => client.url.startsWith(PAGE))
    if (!app) return self.clients.openWindow(url.href)
    await app.focus()
    return app.navigate(url.href)
  }))
})
