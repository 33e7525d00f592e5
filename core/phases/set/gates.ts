import type { Finding } from '@/core/finding/finding';
import { type Gate, gate } from '@/core/job/gates';
import type { JobSheet } from '@/core/job/sheet';
import { isOpen } from '@/core/phases/checks/row';
import { signedGate } from '@/core/phases/signed-gate';
import { leakageAnswered, setView } from './view';
import { tell } from './words';

/** What must hold before the setting is signed. */
export function setGates(sheet: JobSheet): Gate[] {
  const view = setView(sheet);
  const stop = view.open.find((f) => f.verdict === 'stop');
  const checks = view.rows.filter(isOpen);
  const passed = (f: Finding): boolean => f.verdict === 'good' || !view.open.includes(f);
  return [
    signedGate(sheet, 'scope', 'scope-signed'),
    gate(
      'set-checks',
      tell('set.every-check-as-asked'),
      checks.length === 0,
      checks.length === 0
        ? tell('set.all-as-asked', { count: view.rows.length })
        : tell('set.open-of', { open: checks.length, count: view.rows.length, first: checks[0]!.finding.claim }),
    ),
    ...(view.water
      ? [gate('water-proven', tell('set.drain-proven-by-water'), passed(view.water), view.water.claim)]
      : []),
    ...(view.leakage
      ? [gate('leakage-answered', tell('set.leakage-of-ducts-answered'), leakageAnswered(sheet), view.leakage.claim)]
      : []),
    ...(stop ? [gate('no-stop', tell('set.no-stop'), false, stop.claim, false)] : []),
  ];
}
