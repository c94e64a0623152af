/// <reference types="vitest/config" />
import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { defineConfig } from 'vite'

export default defineConfig({
  plugins: [react(), tailwindcss()],
  server: { proxy: { '/api': 'http://127.0.0.1:8080', '/faces': 'http://127.0.0.1:8080' } },
  // One document serves all test files of a worker, which saves most of their time; each file cleans up after itself.
  test: { environment: 'jsdom', isolate: false, restoreMocks: true, unstubGlobals: true },
})
