import type { CircuitStanding } from '@/core/job/sheet';
import type { MarkKind } from './Mark';

/** Where a circuit stands: started up and signed, under way, or without equipment. */
export const circuitMark = ({ signed, equipped }: Pick<CircuitStanding, 'signed' | 'equipped'>): MarkKind =>
  signed.includes('start-up') ? 'good' : equipped ? 'now' : 'to-come';
