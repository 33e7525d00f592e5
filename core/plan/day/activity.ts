import type { Span } from './calendar';

/** Gear of which a crew has one of each (design default). */
export const GEAR = ['recovery machine', 'vacuum pump', 'torch', 'crane'] as const;
export type Gear = (typeof GEAR)[number];
/** Where the sun makes work slow. */
export type HotPlace = 'attic' | 'roof';

/** One piece of a day's work. */
export type DayActivity = {
  id: string;
  /** Working hours, of each who does it. */
  hours: number;
  /** Ids of what must be done before it. */
  after: readonly string[];
  /** How many people it ties up; none for what runs alone. */
  people: number;
  gear?: Gear | undefined;
  /** Only who holds a refrigerant certificate does it, where anybody of the crew does. */
  certified?: boolean;
  prefers?: 'lead' | 'helper' | undefined;
  hot?: HotPlace | undefined;
  /** Not before something is there: a delivery, a wish. */
  notBefore?: number | undefined;
  /** It lies within one of these: an electrician's hours, a crane, a dry spell. */
  windows?: readonly Span[] | undefined;
  /** Who was told to do it. */
  who?: readonly string[] | undefined;
  /** It is done. */
  done?: Span | undefined;
  /** It was begun. */
  begun?: number | undefined;
};

export type Person = { name: string; leads: boolean; certified: boolean; away: readonly Span[] };

/** Why a piece begins no earlier. */
export type Because =
  | { kind: 'start' }
  | { kind: 'now' }
  | { kind: 'after'; id: string }
  | { kind: 'person'; id: string; who: string }
  | { kind: 'gear'; id: string; gear: Gear }
  | { kind: 'window' }
  | { kind: 'not before' };

/** A piece in its place. */
export type PlacedPiece = {
  id: string;
  start: number;
  end: number;
  who: readonly string[];
  because: Because;
  /** Its window could not be held. */
  missed?: true;
};

/** Taken for a span, and what that is to whoever waits for it. */
export type Busy = { span: Span; because: Because };
/** Who is where, and which gear: what is taken of the day so far. */
export type Taken = { people: Map<string, Busy[]>; gear: Map<string, Busy[]> };
