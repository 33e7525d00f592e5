import { BarcodeFormat, QRCodeWriter } from '@zxing/library';
import { describe, expect, it } from 'vitest';
import { luminance, readCode } from './read-code';

/** A code as a picture of black and white, with a quiet zone, by the library's own writer. */
function picture(text: string, px = 200): Uint8ClampedArray {
  const matrix = new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, px, px, new Map());
  return Uint8ClampedArray.from({ length: px * px }, (_, i) => (matrix.get(i % px, Math.floor(i / px)) ? 0 : 255));
}

describe('a code in a picture', () => {
  it.each(['K7-20511', '2611A00421', 'OHP-36T / 8823'])('%s is read back', (text) =>
    expect(readCode(picture(text), 200, 200)).toBe(text),
  );
  it('a picture without one says nothing', () => {
    expect(readCode(new Uint8ClampedArray(10_000).fill(200), 100, 100)).toBeUndefined();
  });
  it('brightness weighs green most; white is white and black is black', () => {
    const of = (...rgb: number[]) => luminance(Uint8ClampedArray.from([...rgb, 255]))[0]!;
    expect([of(255, 255, 255), of(0, 0, 0)]).toEqual([255, 0]);
    expect(of(0, 200, 0)).toBeGreaterThan(of(200, 0, 0));
    expect(of(200, 0, 0)).toBeGreaterThan(of(0, 0, 200));
  });
});
