// Keeps the shell of the lead screen: its page without any data, and the files that it is made of. What a class is led by stands in the browser's
// own store and never here.
const CACHE = 'velvet-lead-1'
const SHELL = '/lead/shell'
/** A server that has not answered by then is taken for away, ms. */
const PATIENCE_MS = 4000

/** The files that a page names; what these load is kept as it is loaded. */
const filesIn = (text) => [...new Set([...text.matchAll(/\/_next\/static\/[^"'\\\s)]+/g)].map(([file]) => file))]

async function keepShell() {
  const cache = await caches.open(CACHE)
  const page = await fetch(SHELL, { cache: 'no-store' })
  if (!page.ok) return
  const files = filesIn(await page.clone().text())
  const before = await cache.match(SHELL)
  await cache.put(SHELL, page)
  // another build has other files: those that only the last one named are of no use any more
  const old = before ? filesIn(await before.text()).filter((file) => !files.includes(file)) : []
  await Promise.all(old.map((file) => cache.delete(file)))
  await Promise.all(files.map((file) => cache.match(file).then((there) => there ?? cache.add(file).catch(() => undefined))))
}

self.addEventListener('install', (event) => {
  event.waitUntil(keepShell().then(() => self.skipWaiting()))
})
self.addEventListener('activate', (event) => {
  event.waitUntil(
    caches
      .keys()
      .then((names) => Promise.all(names.filter((name) => name.startsWith('velvet-lead') && name !== CACHE).map((name) => caches.delete(name))))
      .then(() => self.clients.claim()),
  )
})

const patient = (request) => fetch(request, { signal: AbortSignal.timeout(PATIENCE_MS) })

self.addEventListener('fetch', (event) => {
  const { request } = event
  const url = new URL(request.url)
  if (request.method !== 'GET' || url.origin !== self.location.origin) return
  if (url.pathname.startsWith('/_next/static/')) {
    event.respondWith(
      caches.open(CACHE).then(async (cache) => {
        const there = await cache.match(request)
        if (there) return there
        const got = await fetch(request)
        if (got.ok) await cache.put(request, got.clone())
        return got
      }),
    )
    return
  }
  if (request.mode !== 'navigate' || !/^\/lead\/[0-9a-f-]{36}$/.test(url.pathname)) return
  event.respondWith(
    patient(request)
      .then((answer) => {
        // a new build has new files: the shell is kept anew while the server is there
        if (answer.ok) event.waitUntil(keepShell().catch(() => undefined))
        return answer.status >= 500 ? Promise.reject(new Error('away')) : answer
      })
      .catch(async () => (await caches.match(SHELL)) ?? Response.error()),
  )
})
