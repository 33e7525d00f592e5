import { describe, expect, it } from 'vitest';
import { english } from '@/core/words/testing/english';
import { isRuleSetting, ruleSetting, ruleSource, TRANSITION_RULES, transitionRules } from './transition-rules';

describe('rules of the refrigerant transition as dated settings', () => {
  it('ship undated as checked, so that none claims a check nobody made', () => {
    expect(TRANSITION_RULES.every((r) => r.verifiedOn === '')).toBe(true);
    expect(english(ruleSource(TRANSITION_RULES[0]!))).toMatch(/not checked: look the current rule up/);
  });
  it('a company’s own words, dates and cap stand over the shipped ones; anything else is left out', () => {
    const rules = transitionRules({
      [ruleSetting('gwp-cap', 'cap')]: 750,
      [ruleSetting('gwp-cap', 'verifiedOn')]: '2026-02-03',
      [ruleSetting('gwp-cap', 'from')]: 2026,
      [ruleSetting('local', 'rule')]: 'County wants the charge on the permit.',
      [ruleSetting('no-vent', 'cap')]: 5,
      'transition.unknown.rule': 'x',
    });
    const cap = rules.find((r) => r.id === 'gwp-cap')!;
    expect(cap).toMatchObject({ cap: 750, verifiedOn: '2026-02-03', from: '2025-01-01' });
    expect(english(ruleSource(cap))).toMatch(/checked 2026-02-03/);
    expect(rules.find((r) => r.id === 'local')!.rule).toMatch(/^County/);
    expect(rules.find((r) => r.id === 'no-vent')!.cap).toBeUndefined();
    expect(rules).toHaveLength(TRANSITION_RULES.length);
  });
  it('knows its own names only', () => {
    expect(isRuleSetting(ruleSetting('local', 'rule'))).toBe(true);
    expect(isRuleSetting(ruleSetting('local', 'cap'))).toBe(false);
    expect(isRuleSetting('transition.local')).toBe(false);
  });
});
