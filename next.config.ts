import type { NextConfig } from 'next'

const config: NextConfig = {
  // Both load files beside themselves at run time and must not be bundled.
  serverExternalPackages: ['@electric-sql/pglite', 'highs'],
  outputFileTracingRoot: import.meta.dirname,
  poweredByHeader: false,
  reactStrictMode: true,
  devIndicators: false,
}

export default config
