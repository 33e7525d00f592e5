import type { ListedCylinder } from '@/core/circuit/recovery/checked-out';

/** A cylinder as the ledger sends it, with the version that was read. */
export type CylinderRow = ListedCylinder & { version: number };
