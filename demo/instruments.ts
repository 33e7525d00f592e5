import type { Instrument, InstrumentKind } from '@/core/instrument/register';
import { demoDay } from './demo-day';

const instrument = (
  n: number,
  name: string,
  kind: InstrumentKind,
  [calibratedTo, zeroedOn]: readonly [number | null, number | null],
): Instrument => ({
  id: `0198a000-0000-7000-8000-0000000002${String(n).padStart(2, '0')}`,
  version: 0,
  name,
  kind,
  serial: `DP-${400 + 7 * n}`,
  calibratedTo: calibratedTo === null ? null : demoDay(calibratedTo),
  zeroedOn: zeroedOn === null ? null : demoDay(zeroedOn),
  retired: false,
  keptBy: null,
});

/** Invented instruments of the demo company, in nobody's hands yet: one is overdue, one was never calibrated. */
export const DEMO_INSTRUMENTS: readonly Instrument[] = [
  instrument(1, 'Gauges, van 1', 'gauges', [210, -3]),
  instrument(2, 'Gauges, van 2', 'gauges', [-12, -40]),
  instrument(3, 'Clamps, van 1', 'pipe clamps', [210, -3]),
  instrument(4, 'Amp meter, van 1', 'clamp meter', [95, null]),
  instrument(5, 'Analyzer, shop', 'combustion analyzer', [null, null]),
];
