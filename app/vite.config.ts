import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

const server = `http://127.0.0.1:${process.env['ZINC_API_PORT'] ?? '4310'}`;

export default defineConfig({
  plugins: [
    react(),
    tailwindcss(),
    VitePWA({
      // Offered, not forced: a page that is reloaded under a running hand would lose what is being typed.
      registerType: 'prompt',
      injectRegister: false,
      includeAssets: ['icon.svg', 'apple-touch-icon.png'],
      manifest: {
        name: 'Zinc Ladder',
        short_name: 'Zinc Ladder',
        description: 'Plans the finishing of printed parts around cure times',
        theme_color: '#3f4a4f',
        background_color: '#e4e4e4',
        display: 'standalone',
        // Phones install from PNG; node tools/icons.mjs draws them from the SVG.
        icons: [
          { src: 'icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' },
          { src: 'icon-192.png', sizes: '192x192', type: 'image/png', purpose: 'any' },
          { src: 'icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'any' },
          { src: 'icon-maskable-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
        ],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2,txt}'],
        maximumFileSizeToCacheInBytes: 4 * 1024 * 1024,
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /^\/demo\//],
      },
    }),
  ],
  worker: { format: 'es' },
  build: { target: 'es2023', sourcemap: true, chunkSizeWarningLimit: 900 },
  server: { host: '127.0.0.1', proxy: { '/api': server, '/demo': server } },
});
