/** The four verdicts; there are no others. */
export type Verdict = 'good' | 'look-again' | 'stop' | 'not-proven';

/** The order in which the work must be judged: trade ladder, one step after the other. */
export const LADDER = ['power', 'probes', 'steady', 'airflow', 'outdoor-coil', 'compare', 'charge'] as const;
export type LadderStep = (typeof LADDER)[number];

export type Evidence = {
  quantity: string;
  value: number;
  unit: string;
  /** The band it is held against, when there is one. */
  band?: { low: number; high: number };
};

/** One concrete thing to do, with an amount and a wait where they apply. */
export type NextMove = {
  say: string;
  because: string;
  action:
    | { kind: 'weigh-in'; oz: number }
    | { kind: 'recover'; oz: number }
    | { kind: 'wait' }
    | { kind: 'prove-airflow' }
    | { kind: 'enter-reading'; quantity: string }
    | { kind: 'check'; what: string }
    | { kind: 'confirm'; confirmation: string }
    | { kind: 'record' }
    | { kind: 'sign' }
    | { kind: 'start' }
    | { kind: 'stop' }
    | { kind: 'set-mode'; mode: 'cooling' | 'heating' }
    | { kind: 'none' }
    | { kind: 'go'; to: string };
  waitMin?: number;
};

/** A proof that is not made today, and the season that it waits for. */
export type Owed = { proof: 'cooling-charge' | 'maker-test-mode' | 'airflow'; season: 'warm' | 'cold' | 'any' };

export type Finding = {
  id: string;
  step: LadderStep;
  verdict: Verdict;
  claim: string;
  evidence: Evidence[];
  because: string;
  source: string;
  next?: NextMove;
  confidence: 'high' | 'medium' | 'low';
  /** Size of the miss in units of its tolerance; orders findings within a step. */
  miss: number;
  /** The proof that stays owed where weather, mode or the maker's method forbid it now: it holds no signature. */
  owed?: Owed;
  /** The school (company setting) that this finding used, when it used one. */
  school?: string;
};

export const VERDICT_WORDS: Record<Verdict, string> = {
  good: 'Good',
  'look-again': 'Look again',
  stop: 'Stop',
  'not-proven': 'Not proven',
};
