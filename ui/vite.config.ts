import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  base: '/build/',
  plugins: [react()],
  build: {
    outDir: '../public/build',
    emptyOutDir: true,
    chunkSizeWarningLimit: 1500,
    // Fonts stay files: as data addresses they would be parsed on every page.
    assetsInlineLimit: 0,
  },
});
