import { type CircuitStanding, isProven } from '@/core/job/sheet';
import type { MarkKind } from './Mark';

/** Where a circuit stands: proven, under way, or without equipment. */
export const circuitMark = (c: CircuitStanding): MarkKind => (isProven(c) ? 'good' : c.equipped ? 'now' : 'to-come');
