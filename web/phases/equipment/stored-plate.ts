import type { Plate } from '@/core/equipment/plate';
export type Stored = { version: number; plate: Plate };
