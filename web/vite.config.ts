import { readFileSync } from 'node:fs';
import react from '@vitejs/plugin-react';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';
import { wordsForServer } from './src/words/forServer';

/** The screens' own family, in the form that goes into a PDF. */
const ON_PAPER = {
  'text.ttf': '@expo-google-fonts/barlow/400Regular/Barlow_400Regular.ttf',
  'text-strong.ttf': '@expo-google-fonts/barlow/600SemiBold/Barlow_600SemiBold.ttf',
  'figures.ttf': '@expo-google-fonts/barlow-condensed/600SemiBold/BarlowCondensed_600SemiBold.ttf',
};

/** The server says the same words on paper, in sheets and in a calendar, and prints in the same letters. */
function tellsServer(): Plugin {
  return {
    name: 'words-for-server',
    generateBundle() {
      this.emitFile({ type: 'asset', fileName: 'words.json', source: JSON.stringify(wordsForServer) });
      for (const [name, file] of Object.entries(ON_PAPER)) {
        const source = readFileSync(new URL(`node_modules/${file}`, import.meta.url));
        this.emitFile({ type: 'asset', fileName: `paper/${name}`, source });
      }
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
