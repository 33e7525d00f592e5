import { stands } from '@/core/finding/accepted';
import type { Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { SET_FINDING } from '@/core/job/acceptance';
import type { SheetWith } from '@/core/job/sheet';
import { type EntryOf, entriesOf, latestOf } from '@/core/phases/log/circuit-log';
import { entrySubject } from '@/core/phases/pictures';
import { signsOf } from '@/core/scope/fit-signs';
import { ductLeakage } from '@/core/set/duct-leakage';
import { judgeWater } from '@/core/set/water-test';
import { q, typed, value } from '@/core/words/said';
import { askOf, READS } from './asks';
import { owesWater, type SetCheck, type SetSheet, setList } from './list';
import { tell } from './words';

/** Ducts that stay or are touched may leak this much of the system's air (house rule), %. */
const LEAK_GOOD_PCT = 10;

export const WATER_FINDING = `${SET_FINDING}water-test`;
export const LEAKAGE_FINDING = `${SET_FINDING}duct-leakage`;

export type SetRow = {
  check: SetCheck;
  entry: EntryOf<'set-check'> | undefined;
  finding: Finding;
  /** Lead and customer let it stand. */
  accepted: boolean;
};
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
  const entries = entriesOf(sheet.systemLog, 'set-check');
  const accepted = sheet.acceptances.map((a) => a.finding);
  const rows = setList(sheet).map((check): SetRow => {
    const entry = entries.findLast((e) => e.body.check === check.id);
    const finding = judgeRow(sheet, check, entry);
    return { check, entry, finding, accepted: stands(finding, accepted) };
  });
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

/** The check with the band its reading must be in. */
export function bandOf({ id, low, high }: SetCheck) {
  const unit = READS[askOf(id).by]?.unit ?? '';
  if (low !== undefined) return tell('set.at-least', { low: q(low, 'number', 'as is'), unit });
  return high === undefined ? undefined : tell('set.at-most', { high: q(high, 'number', 'as is'), unit });
}

const askedFor = (check: SetCheck) => {
  const band = bandOf(check);
  return band ? tell('set.asked-for', { band }) : tell('set.looked-at-as-built');
};

function judgeRow(sheet: Needs, check: SetCheck, entry: EntryOf<'set-check'> | undefined): Finding {
  const { ask, fails, source, by, hazard } = askOf(check.id);
  const base = { id: `${SET_FINDING}${check.id}`, because: askedFor(check), source };
  if (!entry) return { ...base, verdict: 'not-proven', claim: ask, next: { say: ask } };
  const { answer, reading, note } = entry.body;
  if (answer === 'does not apply')
    return { ...base, verdict: 'good', claim: tell('set.claim-does-not-apply', { ask, note: typed(note ?? '') }) };
  const read = by in READS;
  const out =
    read &&
    reading != null &&
    ((check.low !== undefined && reading < check.low) || (check.high !== undefined && reading > check.high));
  if (answer === 'no' || out) {
    const claim =
      read && reading != null
        ? tell('set.claim-reading', { ask, reading: q(reading, 'number', 'as is'), unit: READS[by]!.unit })
        : tell('set.claim-not-so', { ask });
    return {
      ...base,
      verdict: hazard ? 'stop' : 'look-again',
      claim,
      miss: 1,
      next: { say: fails },
      subject: entry.id,
    };
  }
  if (by === 'picture' && !sheet.survey.photos.some((p) => p.subject === entrySubject(sheet.systemLog, entry)))
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('set.claim-no-picture', { ask }),
      next: { say: tell('set.take-its-picture') },
      subject: entry.id,
    };
  const claim = read
    ? tell('set.claim-reading', { ask, reading: q(reading ?? 0, 'number', 'as is'), unit: READS[by]!.unit })
    : by === 'seal'
      ? tell('set.claim-sealed', { ask, seal: value(entry.body.seal ?? 'mastic') })
      : ask;
  return { ...base, verdict: 'good', claim };
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

/** Not as it should be, and nobody let it stand. */
export const isOpen = ({ finding, accepted }: Pick<SetRow, 'finding' | 'accepted'>): boolean =>
  finding.verdict !== 'good' && !accepted;
