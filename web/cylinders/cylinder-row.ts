import type { Cylinder } from '@/core/circuit/recovery/cylinder';

/** A cylinder as the ledger sends it, with the version that was read. */
export type CylinderRow = Cylinder & { version: number };
