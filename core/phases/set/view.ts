import { stands } from '@/core/finding/accepted';
import type { Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { SET_FINDING } from '@/core/job/acceptance';
import type { SheetWith } from '@/core/job/sheet';
import { type CheckRow, checkRows } from '@/core/phases/checks/row';
import { entriesOf, latestOf } from '@/core/phases/log/circuit-log';
import { signsOf } from '@/core/scope/fit-signs';
import { ductLeakage } from '@/core/set/duct-leakage';
import { judgeWater } from '@/core/set/water-test';
import { q, typed } from '@/core/words/said';
import { SET_ASKS, type SetCheckId } from './asks';
import { owesWater, type SetSheet, setList } from './list';
import { tell } from './words';

/** Ducts that stay or are touched may leak this much of the system's air (house rule), %. */
const LEAK_GOOD_PCT = 10;

export const WATER_FINDING = `${SET_FINDING}water-test`;
export const LEAKAGE_FINDING = `${SET_FINDING}duct-leakage`;

export type SetRow = CheckRow<SetCheckId>;
export type SetView = {
  rows: SetRow[];
  answered: number;
  water: Finding | undefined;
  leakage: Finding | undefined;
  /** Everything that is not as it should be, worst first. */
  open: Finding[];
};
type Needs = SetSheet & SheetWith<'acceptances' | 'systemLog'>;

/** The set sheet with what was seen: each check with its answer, the poured water, the leakage of the ducts. */
export function setView(sheet: Needs): SetView {
  const accepted = sheet.acceptances.map((a) => a.finding);
  const answers = entriesOf(sheet.systemLog, 'set-check');
  const rows = checkRows(sheet, setList(sheet), SET_ASKS, answers, SET_FINDING);
  const water = owesWater(sheet) ? waterOf(sheet) : undefined;
  const leakage = owesWater(sheet) || sheet.scope.choice.ductsTouched ? leakageOf(sheet) : undefined;
  return {
    rows,
    answered: rows.filter((r) => r.entry).length,
    water,
    leakage,
    open: orderFindings(
      [...rows.map((r) => r.finding), ...(water ? [water] : []), ...(leakage ? [leakage] : [])].filter(
        (f) => f.verdict !== 'good' && !stands(f, accepted),
      ),
    ),
  };
}

function waterOf(sheet: Needs): Finding {
  const test = latestOf(sheet.systemLog, 'water-test');
  return test
    ? { ...judgeWater(test.body), id: WATER_FINDING }
    : {
        id: WATER_FINDING,
        verdict: 'not-proven',
        claim: tell('set.no-water-was-poured'),
        because: tell('set.drain-is-proven-by-water'),
        source: tell('set.common-practice'),
        next: { say: tell('set.pour-into-coil-pan') },
      };
}

function leakageOf(sheet: Needs): Finding {
  const after = entriesOf(sheet.systemLog, 'duct-leakage').findLast((e) => e.body.when === 'after');
  const base = {
    id: LEAKAGE_FINDING,
    because: tell('set.what-leaks-does-not-cool'),
    source: tell('set.house-rule-locality-may-be-stricter'),
  };
  if (!after)
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('set.leakage-is-not-answered'),
      next: { say: tell('set.measure-or-say-why-not') },
    };
  const { means, cfm, pa, conditionedFt2, cured, reason } = after.body;
  if (means === 'not measured')
    return { ...base, verdict: 'not-proven', claim: tell('set.leakage-not-measured', { reason: typed(reason ?? '') }) };
  if (means === 'static and airflow') {
    const { staticBeforeInWc: from, cfmBefore, staticAfterInWc: to, cfmAfter } = after.body;
    // More air against less static speaks for tighter ducts, and proves no figure.
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('set.static-and-air-compared', {
        cfmBefore: q(cfmBefore ?? 0, 'cfm'),
        cfmAfter: q(cfmAfter ?? 0, 'cfm'),
        from: q(from ?? 0, 'inWc', 2),
        to: q(to ?? 0, 'inWc', 2),
      }),
    };
  }
  // The air the sheet was planned with; without it the share is of nothing that anybody measured.
  const { systemCfm } = signsOf(sheet.fits);
  const r = ductLeakage({
    cfm: cfm!,
    pa: pa!,
    ...(conditionedFt2 ? { conditionedFt2 } : {}),
    ...(systemCfm ? { systemCfm } : {}),
  });
  if (!r.ok) return { ...base, verdict: 'not-proven', claim: r.refused.message };
  if (!cured)
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('set.measured-before-cure', { cfm25: q(r.value.cfm25, 'number', 0) }),
      next: { say: tell('set.measure-again-when-cured') },
    };
  if (r.value.pctOfAir === undefined)
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('set.leaks-of-unknown-air', { cfm25: q(r.value.cfm25, 'number', 0) }),
    };
  const said = { cfm25: q(r.value.cfm25, 'number', 0), pct: q(r.value.pctOfAir, 'number', 1) };
  return r.value.pctOfAir <= LEAK_GOOD_PCT
    ? { ...base, verdict: 'good', claim: tell('set.leaks', said) }
    : {
        ...base,
        verdict: 'look-again',
        claim: tell('set.leaks', said),
        miss: r.value.pctOfAir / LEAK_GOOD_PCT,
        next: { say: tell('set.find-and-seal') },
      };
}

/** Whether the question of leakage has an answer: a figure, or why there is none. */
export const leakageAnswered = ({ systemLog }: SheetWith<'systemLog'>): boolean =>
  entriesOf(systemLog, 'duct-leakage').some((e) => e.body.when === 'after');
