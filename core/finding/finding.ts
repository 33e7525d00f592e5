import { tell } from '@/core/finding/words';
import type { Said } from '@/core/words/said';
import { RUN_MODES, type RunMode } from './run-mode';
/** The four verdicts; there are no others. */
export type Verdict = 'good' | 'look-again' | 'stop' | 'not-proven';

/** The order in which the work must be judged: trade ladder, one step after the other. */
export const LADDER = ['power', 'probes', 'steady', 'airflow', 'outdoor-coil', 'compare', 'charge', 'proofs'] as const;
export type LadderStep = (typeof LADDER)[number];

export type Evidence = {
  quantity: Said;
  value: number;
  unit: string;
  /** The band it is held against, when there is one. */
  band?: { low: number; high: number };
};

/** Entries that are a proof by themselves. */
export type TypedProof =
  | 'strip-run'
  | 'defrost-run'
  | 'a2l-trip'
  | 'smoke-trip'
  | 'outside-air'
  | 'zone-run'
  | 'kept-furnace'
  | 'kept-air-handler'
  | 'valve-turn'
  | 'electrical-run'
  | 'static-budget'
  | 'sight-glass'
  | 'maker-charge';

/** What a finding's button can do, where more than words helps. */
export type FindingAction =
  | { kind: 'weigh-in'; oz: number }
  | { kind: 'recover'; oz: number }
  | { kind: 'wait' }
  | { kind: 'prove-airflow' }
  | { kind: 'enter-reading'; quantity: string }
  | { kind: 'check'; what: string }
  | { kind: 'confirm'; confirmation: string }
  | { kind: 'sign' }
  | { kind: 'start' }
  | { kind: 'stop' }
  | { kind: 'set-mode'; mode: RunMode }
  /** On to the proof of another mode or stage, once this one is on record. */
  | { kind: 'prove'; mode: RunMode }
  /** The form of a proof that is typed as it is seen. */
  | { kind: 'write-proof'; entry: TypedProof; preset?: Readonly<Record<string, unknown>> };

/** One concrete thing to do, with an amount and a wait where they apply. */
export type Next = { say: Said; because?: Said; action?: FindingAction; waitMin?: number };

/** What to do, where there is something to do. */
export const advise = (say: Said | undefined): Next | undefined => (say === undefined ? undefined : { say });

/** A proof that is not made today, and the season that it waits for. */
const OWED_PROOFS = ['cooling-charge', 'maker-test-mode', 'airflow', ...RUN_MODES, 'defrost'] as const;
export type Owed = { proof: (typeof OWED_PROOFS)[number]; season: 'warm' | 'cold' | 'any' };

/** One thing judged: a number against its band, a step of the work against its rule. The same shape in every phase. */
export type Finding = {
  id: string;
  verdict: Verdict;
  claim: Said;
  because: Said;
  source: Said;
  /** The concrete action, when there is one. */
  next?: Next;
  /** Its rung of the ladder on a running system; what is judged before or after one has none. */
  step?: LadderStep;
  evidence?: Evidence[];
  confidence?: 'high' | 'medium' | 'low';
  /** Size of the miss in units of its tolerance; orders findings of one rank. */
  miss?: number;
  /** The entry of the log that it is about, where one can be put right. */
  subject?: string;
  /** The proof that stays owed where weather, mode or the maker's method forbid it now: it holds no signature. */
  owed?: Owed;
  /** The school (company setting) that this finding used, when it used one. */
  school?: string;
};

export const VERDICT_WORDS: Record<Verdict, Said> = {
  good: tell('finding.good'),
  'look-again': tell('finding.look-again'),
  stop: tell('finding.stop'),
  'not-proven': tell('finding.not-proven'),
};
