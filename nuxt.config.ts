import { fileURLToPath } from 'node:url'
import { vuetifyConfig } from './app/theme/vuetify'

// A page behind a sign-in gains nothing from being drawn on the server: the browser draws it, and
// the server is routes only (docs/decisions.md).
export default defineNuxtConfig({
  compatibilityDate: '2026-05-01',
  ssr: false,
  // A build has a folder of its own, so that lint and types may read the one of `nuxt prepare` meanwhile.
  buildDir: process.env.HEMBIX_BUILD_FOLDER ?? '.nuxt',
  telemetry: false,
  devtools: { enabled: false },
  modules: ['vuetify-nuxt-module', '@pinia/nuxt', 'nuxt-security'],
  imports: { scan: false },
  components: { dirs: [] },
  pinia: { storesDirs: [] },
  experimental: { nitroAutoImports: false, appManifest: false },
  css: [
    '@fontsource-variable/besley/index.css',
    '@fontsource-variable/hanken-grotesk/index.css',
    '~/theme/tokens.css',
    '~/theme/base.css',
    '~/theme/framework.css',
    '~/theme/fields.css',
    '~/theme/print.css',
  ],
  app: {
    head: {
      title: 'Hembix',
      htmlAttrs: { lang: 'en' },
      meta: [
        { name: 'viewport', content: 'width=device-width, initial-scale=1' },
        { name: 'description', content: 'A plan for your documents' },
      ],
      link: [
        { rel: 'icon', type: 'image/svg+xml', href: '/mark.svg' },
        { rel: 'manifest', href: '/manifest.webmanifest' },
        { rel: 'search', type: 'application/opensearchdescription+xml', title: 'Hembix', href: '/api/opensearch.xml' },
      ],
    },
  },
  spaLoadingTemplate: false,
  vuetify: { moduleOptions: { styles: true, importComposables: false }, vuetifyOptions: vuetifyConfig },
  security: {
    rateLimiter: false,
    xssValidator: false,
    corsHandler: false,
    requestSizeLimiter: false,
    headers: {
      crossOriginEmbedderPolicy: false,
      contentSecurityPolicy: {
        'default-src': ["'self'"],
        'base-uri': ["'none'"],
        'connect-src': ["'self'"],
        'font-src': ["'self'"],
        'form-action': ["'self'"],
        'frame-ancestors': ["'none'"],
        'img-src': ["'self'", 'data:', 'blob:'],
        'object-src': ["'none'"],
        // Nuxt's start-up configuration is one inline script; the module gives it a nonce.
        'script-src': ["'self'", "'nonce-{{nonce}}'", "'wasm-unsafe-eval'"],
        'script-src-attr': ["'none'"],
        // Vuetify writes the theme's custom properties into a style element at run time.
        'style-src': ["'self'", "'unsafe-inline'"],
        'worker-src': ["'self'", 'blob:'],
        'upgrade-insecure-requests': false,
      },
      strictTransportSecurity: false,
      // For what is recorded into the In-tray; the browser asks the person first.
      permissionsPolicy: { microphone: ['self'] },
    },
  },
  nitro: {
    ...(process.env.NODE_ENV === 'production'
      ? { entry: fileURLToPath(new URL('server/entry/nodeServer.ts', import.meta.url)) }
      : {}),
    esbuild: { options: { target: 'node20' } },
    // What PDFs leave to their reader: codes of Asian fonts, letters of fonts that are not embedded, decoders.
    publicAssets: ['cmaps', 'standard_fonts', 'wasm'].map(folder => ({
      dir: fileURLToPath(new URL(`node_modules/pdfjs-dist/${folder}`, import.meta.url)),
      baseURL: `/pdf/${folder}`,
      maxAge: 86_400,
    })),
  },
  typescript: { strict: true, typeCheck: false, tsConfig: { compilerOptions: { noUncheckedIndexedAccess: true } } },
  // Fonts stay files: the content policy allows none from data addresses.
  vite: { build: { chunkSizeWarningLimit: 1500, assetsInlineLimit: 0 } },
})
