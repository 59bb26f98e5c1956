import react from '@vitejs/plugin-react';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';
import { wordsForServer } from './src/words/forServer';

/** The server says the same words on paper, in sheets and in a calendar. */
function tellsServer(): Plugin {
  return {
    name: 'words-for-server',
    generateBundle() {
      this.emitFile({ type: 'asset', fileName: 'words.json', source: JSON.stringify(wordsForServer) });
    },
  };
}

export default defineConfig({
  plugins: [react(), tellsServer()],
  // Straight to where Maven packs it, emptied before, so that no file of an older build is served.
  build: { outDir: 'target/classes/static', emptyOutDir: true, sourcemap: false },
  // A busy machine is no fault of a screen: patience, not speed, is what a test needs here.
  test: { testTimeout: 60_000 },
  server: {
    proxy: { '/api': 'http://127.0.0.1:8080' },
    // The handbook on screen is the document beside the code.
    fs: { allow: ['.', '../docs/handbook'] },
  },
});
