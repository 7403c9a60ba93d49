import { type NextRequest, NextResponse } from 'next/server'

const LOOPBACK = /^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/

const AWAY = `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>The database is away</title>
<body style="font:1.1rem/1.5 system-ui;max-width:36rem;margin:3rem auto;padding:0 1rem">
<h1>The database does not answer</h1>
<p>Nothing was changed. What you had typed on the page before is still there: go back to it and save again in a while.</p>
<p><a href="">Try again</a></p>`

/**
 * Whether the database answers. The connection is that of the process; one that is embedded cannot be away, and one that was not opened yet is
 * opened, or told, by the page.
 */
async function databaseAway(): Promise<boolean> {
  const { velvetConnection } = globalThis as unknown as { velvetConnection?: Promise<{ alive?: () => Promise<void> }> }
  try {
    await (await velvetConnection)?.alive?.()
    return false
  } catch {
    return true
  }
}

/** A refusal that says when to come again: as a page where a page was asked for. */
const away = (request: NextRequest) =>
  request.headers.get('accept')?.includes('text/html')
    ? new NextResponse(AWAY, {
        status: 503,
        headers: { 'content-type': 'text/html; charset=utf-8', 'cache-control': 'no-store', 'retry-after': '5' },
      })
    : NextResponse.json(
        { problems: [{ path: '$', message: 'the database does not answer; nothing was changed' }] },
        { status: 503, headers: { 'cache-control': 'no-store', 'retry-after': '5' } },
      )

/** Security headers, a fresh script nonce a page, and a check of host and origin: the server is meant for this machine only unless told otherwise. */
export async function proxy(request: NextRequest) {
  const host = request.headers.get('host') ?? ''
  const allowed = process.env.VELVET_HOSTS?.split(',').map((name) => name.trim()) ?? []
  if (!LOOPBACK.test(host) && !allowed.includes(host))
    return new NextResponse('This address is not served here. Add it to VELVET_HOSTS.', { status: 421 })
  const origin = request.headers.get('origin')
  const writes = request.method !== 'GET' && request.method !== 'HEAD'
  if (writes && origin !== null && URL.parse(origin)?.host !== host)
    return new NextResponse('A request from another site is refused.', { status: 403 })

  // what a browser says of where a request comes from: another site may link to a page and nothing else
  const site = request.headers.get('sec-fetch-site')
  const elsewhere = site !== null && site !== 'same-origin' && site !== 'none'
  const { pathname } = request.nextUrl
  if (elsewhere && (writes || pathname.startsWith('/api/'))) return new NextResponse('A request from another site is refused.', { status: 403 })

  if (await databaseAway()) return away(request)

  const nonce = btoa(crypto.randomUUID())
  const scripts = process.env.NODE_ENV === 'development' ? `'unsafe-eval'` : ''
  const isLetter = pathname.startsWith('/api/letters/')
  const page = [
    `default-src 'self'`,
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic' ${scripts}`,
    // style attributes are set by positioned popovers and by charts
    `style-src 'self' 'unsafe-inline'`,
    `img-src 'self' blob: data:`,
    `font-src 'self'`,
    `connect-src 'self'`,
    `worker-src 'self' blob:`,
    `object-src 'none'`,
    `base-uri 'none'`,
    `form-action 'self'`,
    `frame-ancestors 'none'`,
  ].join('; ')
  // a scanned letter is somebody else's document: it runs nothing
  const policy = isLetter ? `sandbox; default-src 'none'; frame-ancestors 'none'` : page
  const headers = new Headers(request.headers)
  headers.set('x-nonce', nonce)
  headers.set('content-security-policy', policy)
  const response = NextResponse.next({ request: { headers } })
  response.headers.set('content-security-policy', policy)
  response.headers.set('x-content-type-options', 'nosniff')
  response.headers.set('referrer-policy', 'same-origin')
  response.headers.set('x-frame-options', 'DENY')
  response.headers.set('cross-origin-opener-policy', 'same-origin')
  response.headers.set('cross-origin-resource-policy', 'same-origin')
  response.headers.set('cache-control', 'no-store')
  response.headers.set('permissions-policy', 'camera=(), microphone=(), geolocation=()')
  return response
}

export const config = { matcher: ['/((?!_next/static|_next/image).*)'] }
