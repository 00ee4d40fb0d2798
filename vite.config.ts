import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { VitePWA } from 'vite-plugin-pwa';
import { defineConfig } from 'vite';

const hashOf = (words: string[]): string =>
  createHash('sha256').update(words.sort().join('\n')).digest('hex').slice(0, 16);

export default defineConfig({
  plugins: [
    laravel({ input: ['resources/css/app.css', 'resources/js/shell/main.tsx'], refresh: false }),
    react(),
    tailwindcss(),
    // The app shell: what is built is kept on the tablet, and every address opens the same page, network or not.
    VitePWA({
      strategies: 'generateSW',
      registerType: 'autoUpdate',
      injectRegister: null,
      manifest: false,
      outDir: 'public',
      base: '/',
      scope: '/',
      workbox: {
        globDirectory: 'public',
        globPatterns: ['build/assets/*.{js,css,woff2}', 'icon.svg'],
        // The page is another one when anything it asks for is.
        manifestTransforms: [
          (entries) => ({
            manifest: [
              ...entries,
              { url: '/', revision: hashOf(entries.map((entry) => entry.url)), size: 0 },
            ],
          }),
        ],
        navigateFallback: '/',
        navigateFallbackDenylist: [/^\/api\//],
        dontCacheBustURLsMatching: /^\/?build\/assets\//,
        maximumFileSizeToCacheInBytes: 4 * 1024 * 1024,
      },
    }),
  ],
  // What a tablet remembers is of use while the documents keep their shape.
  define: {
    __CONTRACTS__: JSON.stringify(hashOf([readFileSync('resources/js/contracts.generated.ts', 'utf8')])),
  },
  build: { sourcemap: false, target: 'es2022' },
});
