import type { DEVICE_PHASES } from '@/contract/requests';
import type { SampleBlock, StoredEvent } from '@/core/plant/feed/block';
import type { SimulatedFeed } from '@/core/plant/feed/feed';

export type DevicePhase = (typeof DEVICE_PHASES)[number];
export type Piece = { samples: SampleBlock; events: StoredEvent[] };

/** A run of simulated instruments as this device keeps it: it goes on after a reload from where it was kept last. */
export type KeptRun = {
  id: string;
  personId: string;
  jobId: string;
  circuitId: string;
  phase: DevicePhase;
  startedAt: string;
  speed: number;
  /** Who answers for the refrigerant, where that is not this person. */
  certifiedId?: string;
  feed: SimulatedFeed;
  runSeconds: number;
  /** The next piece that is sent. */
  seq: number;
  /** What is in no piece yet. */
  pending: Piece;
  /** By the clock of this device, ms: how long nobody read it. */
  keptMs: number;
};
/** A piece that was cut off a run, beside it until the run has ended. */
export type KeptPiece = Piece & { runId: string; seq: number };
