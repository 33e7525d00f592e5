import {
  BinaryBitmap,
  DecodeHintType,
  HybridBinarizer,
  type LuminanceSource,
  MultiFormatReader,
  RGBLuminanceSource,
} from '@zxing/library';

/** Brightness of each pixel out of RGBA, by the eye's weights (ITU-R BT.601). */
export function luminance(rgba: Uint8ClampedArray): Uint8ClampedArray {
  const out = new Uint8ClampedArray(rgba.length / 4);
  for (let i = 0; i < out.length; i++)
    out[i] = 0.299 * rgba[4 * i]! + 0.587 * rgba[4 * i + 1]! + 0.114 * rgba[4 * i + 2]!;
  return out;
}

/** What a bar code or a QR code in a picture says; undefined where none can be read. */
export function readCode(brightness: Uint8ClampedArray, width: number, height: number): string | undefined {
  const reader = new MultiFormatReader();
  const hints = new Map<DecodeHintType, unknown>([[DecodeHintType.TRY_HARDER, true]]);
  const source: LuminanceSource = new RGBLuminanceSource(brightness, width, height);
  try {
    return (
      reader
        .decode(new BinaryBitmap(new HybridBinarizer(source)), hints)
        .getText()
        .trim() || undefined
    );
  } catch {
    // None there, or too damaged to be one.
    return undefined;
  }
}
