import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react()],
  // Straight to where Maven packs it, emptied before, so that no file of an older build is served.
  build: { outDir: 'target/classes/static', emptyOutDir: true, sourcemap: false },
  server: { proxy: { '/api': 'http://127.0.0.1:8080' } },
});
