import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

export default defineConfig({
  base: '/build/',
  plugins: [
    react(),
    // Without network the pages open all the same (src/worker/sw.ts); on a phone they can be put beside other programs.
    VitePWA({
      strategies: 'injectManifest',
      srcDir: 'src/worker',
      filename: 'sw.ts',
      injectRegister: false,
      manifestFilename: 'marrow.webmanifest',
      manifest: {
        name: 'Marrow',
        short_name: 'Marrow',
        description: 'The seed that you grow, clean, dry, test and keep',
        id: '/',
        start_url: '/today',
        scope: '/',
        display: 'standalone',
        background_color: '#f1f5f3',
        theme_color: '#14231c',
        icons: [
          { src: 'mark-192.png', sizes: '192x192', type: 'image/png', purpose: 'any' },
          { src: 'mark-512.png', sizes: '512x512', type: 'image/png', purpose: 'any' },
          { src: 'mark-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
          { src: 'mark.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' },
        ],
      },
      injectManifest: {
        globPatterns: ['**/*.{js,css,html,woff2}'],
        // A spreadsheet is taken in where there is network.
        globIgnores: ['sw.js', '**/exceljs*'],
        maximumFileSizeToCacheInBytes: 4_000_000,
        // The one page stands at the root, all else below /build/.
        manifestTransforms: [
          (entries) => ({
            manifest: entries.map((entry) => ({
              ...entry,
              url: entry.url.endsWith('index.html')
                ? '/'
                : `/build/${entry.url.replace(/^\/?(build\/)?/, '')}`,
            })),
            warnings: [],
          }),
        ],
      },
    }),
  ],
  build: {
    outDir: '../public/build',
    emptyOutDir: true,
    chunkSizeWarningLimit: 1500,
    // What the first page needs comes as one file: on a phone twenty small ones wait for one another.
    rolldownOptions: { output: { codeSplitting: { groups: [{ name: 'first', tags: ['$initial'] }] } } },
    // Fonts stay files: as data addresses they would be parsed on every page.
    assetsInlineLimit: 0,
  },
});
