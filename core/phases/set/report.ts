import type { Finding } from '@/core/finding/finding';
import { VERDICT_WORDS } from '@/core/finding/finding';
import { acceptedIn } from '@/core/job/acceptance';
import type { ReportTable } from '@/core/job/report-parts';
import { type CircuitEntry, entriesOf } from '@/core/phases/log/circuit-log';
import { entryWords } from '@/core/phases/log/entries';
import { picturesOf } from '@/core/phases/pictures';
import type { PhotoMeta } from '@/core/scope/survey/before-dismantling';
import { moment } from '@/core/words/said';
import { GROUP_WORDS, SET_ASKS } from './asks';
import { setView } from './view';
import { tell } from './words';

type Needs = Parameters<typeof setView>[0];

/** What a signature freezes of the setting: what was written, and how it was judged. */
export function settingOf(sheet: Needs) {
  const { rows, water, leakage } = setView(sheet);
  return {
    log: sheet.systemLog.filter((e) => e.phase === 'set'),
    rows: rows.map(({ check, finding, entry }) => ({
      id: check.id,
      finding,
      by: entry?.by ?? null,
      at: entry?.at ?? null,
    })),
    water: water ?? null,
    leakage: leakage ?? null,
    accepted: sheet.acceptances.filter((a) => acceptedIn(a) === 'set'),
  };
}
export type Setting = ReturnType<typeof settingOf>;

/** How the equipment was set, as the report prints it; nothing where nothing of it was written. */
export function setTables(setting: Setting | null | undefined): ReportTable[] {
  if (!setting || setting.log.length === 0) return [];
  const judged = ({ verdict, claim, source }: Finding) => [VERDICT_WORDS[verdict], claim, source];
  const log = setting.log as readonly CircuitEntry[];
  return [
    {
      title: tell('set.accepted-against-advice'),
      columns: [tell('set.what'), tell('set.customer'), tell('set.by'), tell('set.when')],
      rows: setting.accepted.map((a) => [a.said, a.customer, a.by, moment(a.at)]),
    },
    {
      title: tell('set.as-built'),
      columns: [tell('set.part'), tell('set.verdict'), tell('set.what'), tell('set.source'), tell('set.by')],
      rows: [
        // What nobody looked at is not told as looked at.
        ...setting.rows
          .filter((r) => r.by !== null)
          .map((r) => [GROUP_WORDS[SET_ASKS[r.id].group], ...judged(r.finding), r.by ?? '']),
        ...[setting.water, setting.leakage].flatMap((f) => (f ? [[tell('set.water-and-air'), ...judged(f), '']] : [])),
      ],
    },
    {
      title: tell('set.tests-written-down'),
      columns: [tell('set.when'), tell('set.what'), tell('set.by')],
      rows: [...entriesOf(log, 'water-test'), ...entriesOf(log, 'duct-leakage')].map((e) => [
        moment(e.at),
        entryWords(e),
        e.by,
      ]),
    },
  ];
}

/** Pictures of what was set, each at its check. */
export const setPictures = (
  s: { before?: { setting?: Setting | null } | null },
  photos: readonly PhotoMeta[] | undefined,
): ReportTable[] => picturesOf('set', { photos, log: (s.before?.setting?.log ?? []) as readonly CircuitEntry[] });
