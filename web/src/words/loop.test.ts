import { describe, expect, it } from 'vitest';
import { typedLength } from './units';
import { changedFigures, saidOfLoop } from './loop';

describe('what the maker of a loop says', () => {
  it('says which figures changed, and what held where none was known', () => {
    expect(changedFigures({ wearMarkMm: 4, fileMm: 4.8 }, { wearMarkMm: 3.6, fileMm: 4.8 })).toBe(
      'mark 4 mm → 3.6 mm',
    );
    expect(changedFigures({}, { wearMarkMm: 3.6, fileMm: 5.2 })).toBe(
      'mark none → 3.6 mm and file by pitch → 5.2 mm',
    );
    expect(changedFigures({ tangDepthMm: 5.5, newCutterMm: 9 }, {})).toBe(
      'new cutter 9 mm → by pitch and tang 5.5 mm → by pitch',
    );
  });

  it('says what is known and what only the pitch tells', () => {
    expect(saidOfLoop({ wearMarkMm: 4.5, newCutterMm: 12 })).toBe(
      'Mark at 4.5 mm. File by pitch. Cutter when new 12 mm. Tang by pitch (est.).',
    );
    expect(saidOfLoop({ fileMm: 5.5, tangDepthMm: 6 })).toBe(
      'No mark. File 5.5 mm. Cutter when new by pitch (est.). Tang 6 mm.',
    );
  });

  it('leaves the field of an unknown figure empty', () => {
    expect(typedLength(undefined)).toBe('');
    expect(typedLength(5.2)).toBe('5.2 mm');
  });
});
