import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { brotliCompressSync } from 'node:zlib'
import type { Plugin } from 'vite'
import { defineConfig } from 'vitest/config'

/** Packs scripts and styles once, as small as they go, rather than at every request. */
const packed: Plugin = {
  name: 'packed',
  apply: 'build',
  writeBundle({ dir = '' }, bundle) {
    for (const fileName of Object.keys(bundle).filter((name) => /\.(js|css)$/.test(name))) {
      const path = join(dir, fileName)
      writeFileSync(`${path}.br`, brotliCompressSync(readFileSync(path)))
    }
  },
}

export default defineConfig({
  plugins: [react(), tailwindcss(), packed],
  server: { proxy: { '/api': 'http://127.0.0.1:8080' } },
  test: { environment: 'jsdom', setupFiles: './src/jsdom.test.setup.ts', testTimeout: 20_000 },
})
