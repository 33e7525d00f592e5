import { z } from 'zod';
import { FAULTS as WIRE_FAULTS } from '@/core/controls/fault-codes';
import { CALLS } from '@/core/controls/thermostat';
import { FOLLOW_UP_IDS } from '@/core/diagnosis/follow-ups';
import { num, oneOf } from '@/core/finding/quantity-field';
import { FAULTS } from '@/core/plant/unit/faults';
import { ACT_IDS, CHARGE_OZ } from './acts';
import { BENCH_ACT_IDS, VACUUM_HIDES } from './bench-round';
import { PROBE_IDS } from './probes';

/** What was done in a round, in its order: with its seed that is the whole round, and everything follows from it again. */
const node = z.string().max(24);
export const MOVE = {
  place: z.strictObject({ kind: z.literal('place'), probes: z.array(oneOf(PROBE_IDS)).min(1).max(PROBE_IDS.length) }),
  follow: z.strictObject({ kind: z.literal('follow'), id: oneOf(FOLLOW_UP_IDS) }),
  wait: z.strictObject({ kind: z.literal('wait'), minutes: num(1, 60, 'min') }),
  charge: z.strictObject({
    kind: z.literal('charge'),
    way: oneOf(['add', 'recover'] as const),
    oz: num(CHARGE_OZ.least, CHARGE_OZ.most, 'oz'),
  }),
  act: z.strictObject({ kind: z.literal('act'), id: oneOf(ACT_IDS) }),
  restart: z.strictObject({ kind: z.literal('restart') }),
  name: z.strictObject({ kind: z.literal('name'), faults: z.array(oneOf(FAULTS)).min(1).max(2) }),
  try: z.strictObject({ kind: z.literal('try'), call: oneOf(CALLS), open: z.array(z.string().max(24)).max(4) }),
  volts: z.strictObject({
    kind: z.literal('volts'),
    call: oneOf(CALLS),
    open: z.array(z.string().max(24)).max(4),
    a: node,
    b: node,
  }),
  ohms: z.strictObject({ kind: z.literal('ohms'), a: node, b: node }),
  mend: z.strictObject({ kind: z.literal('mend'), code: oneOf(WIRE_FAULTS) }),
  'name-wiring': z.strictObject({ kind: z.literal('name-wiring'), code: oneOf([...WIRE_FAULTS, 'none'] as const) }),
  /** At a line under nitrogen or vacuum. */
  line: z.strictObject({ kind: z.literal('line'), id: oneOf(BENCH_ACT_IDS) }),
  'name-line': z.strictObject({ kind: z.literal('name-line'), fault: oneOf(VACUUM_HIDES) }),
  finish: z.strictObject({ kind: z.literal('finish') }),
} as const;

export const moveSchema = z.discriminatedUnion('kind', [
  MOVE.place,
  MOVE.follow,
  MOVE.wait,
  MOVE.charge,
  MOVE.act,
  MOVE.restart,
  MOVE.name,
  MOVE.try,
  MOVE.volts,
  MOVE.ohms,
  MOVE.mend,
  MOVE['name-wiring'],
  MOVE.line,
  MOVE['name-line'],
  MOVE.finish,
]);
export type Move = z.infer<typeof moveSchema>;
export type MoveOf<K extends Move['kind']> = Extract<Move, { kind: K }>;
