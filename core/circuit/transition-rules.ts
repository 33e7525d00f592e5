import { tell } from '@/core/circuit/words';
import type { Refusal } from '@/core/finding/outcome';
import { refusal } from '@/core/finding/outcome';
import { type Label, q, type Said } from '@/core/words/said';

/**
 * Rules of the refrigerant transition in general terms, as dated data that a company keeps: what it reads before it sells
 * or installs. The texts that ship are from memory; each is to be checked against the current rule, and dated when it was.
 */
export type TransitionRule = {
  id: string;
  title: Said;
  rule: Label;
  /** First day on which it holds, YYYY-MM-DD; empty where it always did. */
  from: string;
  source: Label;
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
    title: tell('circuit.cap-on-warming-potential'),
    rule: tell('circuit.new-comfort-cooling-systems-use-refrigerant'),
    from: '2025-01-01',
    source: tell('circuit.aim-act-technology-transitions-40-cfr'),
    verifiedOn: '',
    cap: NEW_SYSTEM_GWP_CAP,
  },
  {
    id: 'no-drop-in',
    title: tell('circuit.no-drop-in'),
    rule: tell('circuit.no-a2l-refrigerant-in-equipment-listed'),
    from: '',
    source: tell('circuit.product-listings-and-local-mechanical-code'),
    verifiedOn: '',
  },
  {
    id: 'no-vent',
    title: tell('circuit.no-venting'),
    rule: tell('circuit.refrigerant-is-never-vented-it-is'),
    from: '1995-07-01',
    source: tell('circuit.clean-air-act-608-40-cfr'),
    verifiedOn: '',
  },
  {
    id: 'records',
    title: tell('circuit.records'),
    rule: tell('circuit.records-of-recovered-refrigerant-and-of'),
    from: '2019-01-01',
    source: tell('circuit.40-cfr-82-156-from-memory'),
    verifiedOn: '',
  },
  {
    id: 'local',
    title: tell('circuit.state-or-local-rule'),
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
  const own = <T extends Label | number>(id: string, part: Part, standard: T): T => {
    const value = stored?.[ruleSetting(id, part)];
    return typeof value === (typeof standard === 'number' ? 'number' : 'string') ? (value as T) : standard;
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
      : refusal(
          name,
          tell('circuit.cap-is-outside-allowed-range'),
          tell('circuit.to', {
            capRange: q(CAP_RANGE[0], 'number', 'as is'),
            capRange2: q(CAP_RANGE[1], 'number', 'as is'),
          }),
        );
  if (typeof value !== 'string' || value.length > MOST_CHARACTERS)
    return refusal(
      name,
      tell('circuit.too-long'),
      tell('circuit.up-to-characters', { mostCharacters: MOST_CHARACTERS }),
    );
  if (part === 'from' || part === 'verifiedOn')
    return value === '' || (DATE.test(value) && !Number.isNaN(Date.parse(value)))
      ? undefined
      : refusal(name, tell('circuit.not-date'), tell('circuit.yyyy-mm-dd-or-empty'));
  return undefined;
}

/** How a rule reads beside a check that rests on it. */
export function ruleSource(rule: TransitionRule): Said {
  const source = rule.source || tell('circuit.company-setting');
  return rule.verifiedOn
    ? tell('circuit.rule-source-checked', { source, on: rule.verifiedOn })
    : tell('circuit.rule-source', { source });
}
