import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { newSet, setInput } from './form';

const OFFER = {
  tag: '3',
  chainTag: 'YC-03',
  barTag: 'YB-03',
  sprocketTag: 'YS-03',
  figures: '16 in, .325", .050", 66 links, 7 t',
  like: {
    chain: {
      pitch: 'P_325',
      gauge: 'G_050',
      driveLinks: 66,
      sequence: 'SKIP',
      cutterProfile: 'FULL_CHISEL',
      topPlateAngle: 25,
      downTilt: 10,
      wearMarkMm: 4.2,
    },
    bar: { lengthMm: 406.4, pitch: 'P_325', gauge: 'G_050', driveLinks: 66, nose: 'SOLID' },
    sprocket: { kind: 'SPUR', teeth: 8, pitch: 'P_325' },
  },
} as unknown as Schemas['NewSawOffer'];

describe('a set like another one', () => {
  it('is named in one line, with the tags that come next and all that its loop is made like', () => {
    const sent = setInput(newSet(OFFER, true));
    expect(sent).toMatchObject({ figures: OFFER.figures, newChain: false });
    expect(sent.chain).toMatchObject({
      tag: 'YC-03',
      sequence: 'SKIP',
      cutterProfile: 'FULL_CHISEL',
      topPlateAngle: 25,
      downTilt: 10,
      wearMark: '4.2 mm',
    });
    expect(sent.bar).toMatchObject({ tag: 'YB-03', create: true });
  });

  it('is of new parts when one line names it, whatever was picked before', () => {
    const set = newSet(OFFER, true);
    const sent = setInput({ ...set, bar: { ...set.bar, source: 'SHELF', tag: 'YB-01' } });
    expect(sent.bar).toMatchObject({ tag: 'YB-01', create: true });
  });

  it('has the same figures part by part', () => {
    const sent = setInput({ ...newSet(OFFER, false), line: undefined });
    expect(sent.figures).toBeUndefined();
    expect(sent.newChain).toBe(true);
    expect(sent.chain).toMatchObject({ tag: 'YC-03', pitch: 'P_325', driveLinks: 66, topPlateAngle: 25 });
    expect(sent.bar).toMatchObject({ tag: 'YB-03', length: '406.4 mm', nose: 'SOLID' });
    expect(sent.sprocket).toMatchObject({ tag: 'YS-03', kind: 'SPUR', teeth: 8 });
  });
});
