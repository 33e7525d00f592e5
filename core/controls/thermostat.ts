import type { Terminal } from './plan';

/** What a thermostat may ask for. `defrost` is the first stage of heat, with the board's own demand beside it. */
export const CALLS = ['off', 'fan', 'cool1', 'cool2', 'heat1', 'heat2', 'aux', 'emergency', 'defrost'] as const;
export type Call = (typeof CALLS)[number];

/** How a thermostat is set up: what decides which terminals it closes. */
export type StatSetup = {
  system: 'heat pump' | 'conventional' | 'dual fuel';
  /** Energized in cooling (O) or in heating (B). */
  valve: 'O' | 'B';
  compressorStages: 1 | 2;
  /** Who starts the blower while a conventional system heats. */
  fanInHeat: 'equipment' | 'thermostat';
};

/**
 * Terminals that a thermostat closes to R under a call (common practice; the maker's table wins).
 * A valve is held with the call, not by the mode.
 */
export const closures = (setup: StatSetup, call: Call): ReadonlySet<Terminal> => new Set(closedBy(setup, call));

function closedBy(setup: StatSetup, call: Call): Terminal[] {
  if (call === 'off') return [];
  if (call === 'fan') return ['G'];
  const second: Terminal[] = setup.compressorStages === 2 ? ['Y2'] : [];
  const conventional = setup.system === 'conventional';
  if (call === 'cool1' || call === 'cool2') {
    const valve: Terminal[] = !conventional && setup.valve === 'O' ? ['OB'] : [];
    return ['Y1', 'G', ...valve, ...(call === 'cool2' ? second : [])];
  }
  if (conventional)
    return [
      'W1',
      ...(call === 'heat1' ? [] : ['W2' as const]),
      ...(setup.fanInHeat === 'thermostat' ? ['G' as const] : []),
    ];
  const fossil = setup.system === 'dual fuel';
  // A furnace under the coil never heats together with the compressor.
  if (fossil && (call === 'aux' || call === 'emergency')) return ['W1'];
  if (call === 'emergency') return ['W2', 'G'];
  const heat: Terminal[] = ['Y1', 'G', ...(setup.valve === 'B' ? ['OB' as const] : [])];
  if (call === 'heat2') return [...heat, ...second];
  return call === 'aux' ? [...heat, ...second, 'W2'] : heat;
}
