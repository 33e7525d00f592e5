import {
  advanceNitrogen,
  NITROGEN_CHANNELS,
  type NitrogenCommand,
  type NitrogenConfig,
  type NitrogenState,
  newNitrogen,
  orderNitrogen,
  sampleNitrogen,
} from './nitrogen-bench';
import {
  advanceRecovery,
  newRecovery,
  orderRecovery,
  RECOVERY_CHANNELS,
  type RecoveryCommand,
  type RecoveryConfig,
  type RecoveryState,
  sampleRecovery,
} from './recovery-bench';
import {
  advanceVacuum,
  newVacuum,
  orderVacuum,
  sampleVacuum,
  VACUUM_CHANNELS,
  type VacuumCommand,
  type VacuumConfig,
  type VacuumState,
} from './vacuum-bench';

/** A simulated bench of one phase: what stands on it, and how it stands. Plain data, saved with each chunk. */
export type Bench =
  | { kind: 'nitrogen'; config: NitrogenConfig; state: NitrogenState }
  | { kind: 'vacuum'; config: VacuumConfig; state: VacuumState }
  | { kind: 'recovery'; config: RecoveryConfig; state: RecoveryState };
export type BenchKind = Bench['kind'];
export type BenchOrder = NitrogenCommand | VacuumCommand | RecoveryCommand;

export const BENCH_CHANNELS: Record<BenchKind, readonly string[]> = {
  nitrogen: NITROGEN_CHANNELS,
  vacuum: VACUUM_CHANNELS,
  recovery: RECOVERY_CHANNELS,
};
/** Commands that a bench understands. */
export const BENCH_ORDERS: Record<BenchKind, readonly string[]> = {
  nitrogen: ['pressurise', 'close-source', 'release', 'configure'],
  vacuum: ['pump', 'valve', 'sweep', 'break', 'oil', 'configure'],
  recovery: ['call', 'liquid-valve', 'vapour-valve', 'machine', 'cylinder', 'configure'],
};

export const nitrogenBench = (config: NitrogenConfig): Bench => ({
  kind: 'nitrogen',
  config,
  state: newNitrogen(config),
});
export const vacuumBench = (config: VacuumConfig, waterOz: number): Bench => ({
  kind: 'vacuum',
  config,
  state: newVacuum(config, waterOz),
});
export const recoveryBench = (config: RecoveryConfig, chargeLb: number, cylinderLb: number): Bench => ({
  kind: 'recovery',
  config,
  state: newRecovery(config, chargeLb, cylinderLb),
});

/** The bench after an order; the caller has made sure that it understands it. */
export function orderBench(bench: Bench, order: BenchOrder): Bench {
  switch (bench.kind) {
    case 'nitrogen':
      return { kind: 'nitrogen', ...orderNitrogen(bench.config, bench.state, order as NitrogenCommand) };
    case 'vacuum':
      return { kind: 'vacuum', ...orderVacuum(bench.config, bench.state, order as VacuumCommand) };
    case 'recovery':
      return { kind: 'recovery', ...orderRecovery(bench.config, bench.state, order as RecoveryCommand) };
  }
}

/** Moves a bench on by a second or less, and reads its instruments. */
export function stepBench(bench: Bench, dt: number): Record<string, number | null> {
  switch (bench.kind) {
    case 'nitrogen':
      advanceNitrogen(bench.config, bench.state, dt);
      return sampleNitrogen(bench.config, bench.state);
    case 'vacuum':
      advanceVacuum(bench.config, bench.state, dt);
      return sampleVacuum(bench.config, bench.state);
    case 'recovery':
      advanceRecovery(bench.config, bench.state, dt);
      return sampleRecovery(bench.config, bench.state);
  }
}
