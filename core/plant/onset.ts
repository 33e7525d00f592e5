/** A fault that comes on while the system runs: it grows over some minutes to its full size. */
export const ONSETS = ['coil-clogs', 'drier-clogs', 'leaks'] as const;
export type OnsetKind = (typeof ONSETS)[number];
export type Onset = { kind: OnsetKind; fromS: number };

/** It grows over this long, s, to these departures from sound; a leak loses so much a minute, oz. Invented. */
const GROWS_S = 600;
const FULL = { condenserClean: 0.5, meterOpening: 0.55 } as const;
const LEAK_OZ_PER_MIN = 1.5;

type Grown = { condenserClean: number; meterOpening: number };

/** Share of its full size that an onset has come to. */
export const grownShare = (onset: Onset | undefined, seconds: number): number =>
  onset ? Math.max(0, Math.min(1, (seconds - onset.fromS) / GROWS_S)) : 0;

/** What a system is like with the fault as far as it has grown; whatever else is wrong with it stays. */
export function withOnset<C extends Grown & { onset?: Onset }>(config: C, seconds: number): C {
  const share = grownShare(config.onset, seconds);
  if (share === 0) return config;
  const left = (full: number): number => 1 - share * (1 - full);
  switch (config.onset!.kind) {
    case 'coil-clogs':
      return { ...config, condenserClean: config.condenserClean * left(FULL.condenserClean) };
    case 'drier-clogs':
      return { ...config, meterOpening: config.meterOpening * left(FULL.meterOpening) };
    case 'leaks':
      return config;
  }
}

/** Ounces that leak out in a step. */
export const leakedOz = (onset: Onset | undefined, seconds: number, dt: number): number =>
  onset?.kind === 'leaks' ? grownShare(onset, seconds) * LEAK_OZ_PER_MIN * (dt / 60) : 0;
