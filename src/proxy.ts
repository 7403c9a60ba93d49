import { type NextRequest, NextResponse } from 'next/server'

const LOOPBACK = /^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/

/** Security headers, a fresh script nonce a page, and a check of host and origin: the server is meant for this machine only unless told otherwise. */
export function proxy(request: NextRequest) {
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
