import type { Refusal } from '@/core/finding/outcome';

/**
 * Rules of the refrigerant transition in general terms, as dated data that a company keeps: what it reads before it sells
 * or installs. The texts that ship are from memory; each is to be checked against the current rule, and dated when it was.
 */
export type TransitionRule = {
  id: string;
  title: string;
  rule: string;
  /** First day on which it holds, YYYY-MM-DD; empty where it always did. */
  from: string;
  source: string;
  /** Day on which someone checked it against the current rule; empty when nobody did. */
  verifiedOn: string;
  /** Cap on the warming potential, for the rule that sets one. */
  cap?: number;
};

/** Cap on the warming potential of refrigerant in new comfort systems (AIM Act technology transitions, from memory). */
const NEW_SYSTEM_GWP_CAP = 700;

export const TRANSITION_RULES: readonly TransitionRule[] = [
  {
    id: 'gwp-cap',
    title: 'Cap on warming potential',
    rule: 'New comfort cooling systems use a refrigerant under the cap; parts for existing systems are exempt in general terms.',
    from: '2025-01-01',
    source: 'AIM Act technology transitions, 40 CFR 84 subpart B, from memory',
    verifiedOn: '',
    cap: NEW_SYSTEM_GWP_CAP,
  },
  {
    id: 'no-drop-in',
    title: 'No drop-in',
    rule: 'No A2L refrigerant in equipment listed for A1; the refrigerant equals the nameplate.',
    from: '',
    source: 'product listings and local mechanical code, from memory',
    verifiedOn: '',
  },
  {
    id: 'no-vent',
    title: 'No venting',
    rule: 'Refrigerant is never vented; it is recovered to its level by certified people with certified machines.',
    from: '1995-07-01',
    source: 'Clean Air Act 608, 40 CFR 82 subpart F, from memory',
    verifiedOn: '',
  },
  {
    id: 'records',
    title: 'Records',
    rule: 'Records of recovered refrigerant and of what is sent to reclaim or destruction are kept three years.',
    from: '2019-01-01',
    source: '40 CFR 82.156, from memory',
    verifiedOn: '',
  },
  {
    id: 'local',
    title: 'State or local rule',
    rule: '',
    from: '',
    source: '',
    verifiedOn: '',
  },
];

const PARTS = ['rule', 'from', 'source', 'verifiedOn', 'cap'] as const;
type Part = (typeof PARTS)[number];
/** A company's own words for a rule are stored under this name. */
export const ruleSetting = (id: string, part: Part): string => `transition.${id}.${part}`;

const MOST_CHARACTERS = 300;
const CAP_RANGE = [1, 15_000] as const;
const DATE = /^\d{4}-\d{2}-\d{2}$/;

type Stored = Readonly<Record<string, unknown>>;

/** The rules as this company keeps them, over the texts that ship. */
export function transitionRules(stored: Stored | undefined): TransitionRule[] {
  const own = <T extends string | number>(id: string, part: Part, standard: T): T => {
    const value = stored?.[ruleSetting(id, part)];
    return typeof value === typeof standard ? (value as T) : standard;
  };
  return TRANSITION_RULES.map((r) => ({
    ...r,
    rule: own(r.id, 'rule', r.rule),
    from: own(r.id, 'from', r.from),
    source: own(r.id, 'source', r.source),
    verifiedOn: own(r.id, 'verifiedOn', r.verifiedOn),
    ...(r.cap === undefined ? {} : { cap: own(r.id, 'cap', r.cap) }),
  }));
}

export const isRuleSetting = (name: string): boolean =>
  TRANSITION_RULES.some((r) => PARTS.some((p) => p in r && ruleSetting(r.id, p) === name));

/** Why a part of a rule cannot be stored, or undefined. */
export function refusesRule(name: string, value: string | number): Refusal | undefined {
  const part = name.split('.')[2] as Part;
  if (part === 'cap')
    return typeof value === 'number' && value >= CAP_RANGE[0] && value <= CAP_RANGE[1]
      ? undefined
      : {
          field: name,
          message: 'The cap is outside the allowed range.',
          allowed: `${CAP_RANGE[0]} to ${CAP_RANGE[1]}`,
        };
  if (typeof value !== 'string' || value.length > MOST_CHARACTERS)
    return { field: name, message: 'Too long.', allowed: `up to ${MOST_CHARACTERS} characters` };
  if (part === 'from' || part === 'verifiedOn')
    return value === '' || (DATE.test(value) && !Number.isNaN(Date.parse(value)))
      ? undefined
      : { field: name, message: 'Not a date.', allowed: 'YYYY-MM-DD, or empty' };
  return undefined;
}

/** How a rule reads beside a check that rests on it. */
export const ruleSource = (rule: TransitionRule): string =>
  `${rule.source || 'company setting'}; ${rule.verifiedOn ? `checked ${rule.verifiedOn}` : 'not checked: look the current rule up'}`;
