import { stands } from '@/core/finding/accepted';
import type { Finding } from '@/core/finding/finding';
import type { SheetWith } from '@/core/job/sheet';
import type { CircuitEntry } from '@/core/phases/log/circuit-log';
import { entrySubject } from '@/core/phases/pictures';
import { q, typed, value } from '@/core/words/said';
import { type Ask, READS } from './ask';
import type { CheckBody } from './entry';
import { tell } from './words';

/** One check as this job asks it: with the band its reading must be in. */
export type Check<Id extends string = string> = { id: Id; low?: number | undefined; high?: number | undefined };

/** The answer to a check, as it stands in the log. */
export type CheckEntry = CircuitEntry & { body: CheckBody & { check: string } };

export type CheckRow<Id extends string = string> = {
  check: Check<Id>;
  ask: Ask;
  entry: CheckEntry | undefined;
  finding: Finding;
  /** Lead and customer let it stand. */
  accepted: boolean;
};

type Needs = SheetWith<'acceptances' | 'survey' | 'systemLog'>;

/** Each check of a list with its newest answer, judged; its findings go by `prefix`. */
export function checkRows<Id extends string>(
  sheet: Needs,
  list: readonly Check<Id>[],
  asks: Readonly<Record<Id, Ask>>,
  answers: readonly CheckEntry[],
  prefix: string,
): CheckRow<Id>[] {
  const accepted = sheet.acceptances.map((a) => a.finding);
  return list.map((check) => {
    const ask = asks[check.id];
    const entry = answers.findLast((e) => e.body.check === check.id);
    const finding = judgeAnswer(sheet, check, ask, entry, `${prefix}${check.id}`);
    return { check, ask, entry, finding, accepted: stands(finding, accepted) };
  });
}

/** The check with the band its reading must be in. */
export function bandOf({ low, high }: Check, { by }: Ask) {
  const unit = READS[by]?.unit ?? '';
  if (low !== undefined && high !== undefined)
    return tell('checks.between', { low: q(low, 'number', 'as is'), high: q(high, 'number', 'as is'), unit });
  if (low !== undefined) return tell('checks.at-least', { low: q(low, 'number', 'as is'), unit });
  return high === undefined ? undefined : tell('checks.at-most', { high: q(high, 'number', 'as is'), unit });
}

function judgeAnswer(sheet: Needs, check: Check, a: Ask, entry: CheckEntry | undefined, id: string): Finding {
  const { ask, fails, source, by, hazard } = a;
  const band = bandOf(check, a);
  const because = band ? tell('checks.asked-for', { band }) : tell('checks.looked-at-as-built');
  const base = { id, because, source };
  if (!entry) return { ...base, verdict: 'not-proven', claim: ask, next: { say: ask } };
  const { answer, reading, note } = entry.body;
  if (answer === 'does not apply')
    return { ...base, verdict: 'good', claim: tell('checks.claim-does-not-apply', { ask, note: typed(note ?? '') }) };
  const read = by in READS;
  const said = (amount: number) =>
    tell('checks.claim-reading', { ask, reading: q(amount, 'number', 'as is'), unit: READS[by]!.unit });
  const out =
    read &&
    reading != null &&
    ((check.low !== undefined && reading < check.low) || (check.high !== undefined && reading > check.high));
  if (answer === 'no' || out)
    return {
      ...base,
      verdict: hazard ? 'stop' : 'look-again',
      claim: read && reading != null ? said(reading) : tell('checks.claim-not-so', { ask }),
      miss: 1,
      next: { say: fails },
      subject: entry.id,
    };
  if (by === 'picture' && !sheet.survey.photos.some((p) => p.subject === entrySubject(sheet.systemLog, entry)))
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('checks.claim-no-picture', { ask }),
      next: { say: tell('checks.take-its-picture') },
      subject: entry.id,
    };
  const sealed = by === 'seal' ? tell('checks.claim-sealed', { ask, seal: value(entry.body.seal ?? 'mastic') }) : ask;
  return { ...base, verdict: 'good', claim: read ? said(reading ?? 0) : sealed };
}

/** Not as it should be, and nobody let it stand. */
export const isOpen = ({ finding, accepted }: Pick<CheckRow, 'finding' | 'accepted'>): boolean =>
  finding.verdict !== 'good' && !accepted;

/** The check that is answered next: the first that is wrong, then the first that is open. */
export function nextOpen<Id extends string>(rows: readonly CheckRow<Id>[]): CheckRow<Id> | undefined {
  const open = rows.filter(isOpen);
  const by = (verdict: string) => open.find((r) => r.finding.verdict === verdict);
  return by('stop') ?? by('look-again') ?? by('not-proven');
}
