import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';

/** Quantities of the job as the server names them. What is reckoned with them is a rule, and rules are the server's. */
const QUANTITY = String.raw`\b\w*(?:[mM]m|[mM]inutes|[tT]anks|[rR]atio|[pP]ercent|[sS]hare|[fF]raction|[cC]learance\w*)\b`;
const RECKONED = new RegExp(
  String.raw`(?:${QUANTITY}\s*[-+*/]\s*[\w(]|[\w)]\s*[-+*/]\s*\w*\.?${QUANTITY})|reduce\(`,
);

/** Drawings lay figures out in pixels, and words put them into the unit of the house. */
const MAY_RECKON = [
  'parts/',
  'words/',
  'theme.ts',
  'api/schema.d.ts',
  // The width of a stripe.
  'screens/board/BenchToday.tsx',
];

function sources(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return sources(path);
    return /\.tsx?$/.test(entry.name) && !entry.name.includes('.test.') ? [path] : [];
  });
}

function code(line: string): string {
  return line.replace(/\/\/.*|^\s*\*.*|\/\*.*/, '').replace(/data-\w+|'[^']*'|`[^`]*`|"[^"]*"/g, "''");
}

describe('rules of the job', () => {
  it('are asked for, never reckoned here', () => {
    const root = join(import.meta.dirname);
    const found = sources(root)
      .filter((path) => !MAY_RECKON.some((may) => path.slice(root.length + 1).startsWith(may)))
      .flatMap((path) =>
        readFileSync(path, 'utf8')
          .split('\n')
          .map((line, i) => ({ at: `${path.slice(root.length + 1)}:${i + 1}`, line: code(line) }))
          .filter(({ line }) => RECKONED.test(line)),
      );
    expect(found.map(({ at, line }) => `${at} ${line.trim()}`)).toEqual([]);
  });
});
