import { certificationGate, type Gate, gate } from '@/core/job/gates';
import type { SheetWith } from '@/core/job/sheet';
import { latestOf } from '@/core/phases/log/circuit-log';
import { tell } from '@/core/phases/recover/words';
import { claimOf } from '@/core/phases/signed-gate';
import { type Begun, beganWithSurvey } from '@/core/phases/survey/view';
import { recoveryView } from './view';
/** After a pump-down only a machine gets the low side below atmosphere, and what it took is in some cylinder. */
export function machineUnweighed(sheet: SheetWith<'circuitLog' | 'circuitSchools' | 'site' | 'survey'>): boolean {
  const { method, weighed } = recoveryView(sheet);
  const level = latestOf(sheet.circuitLog, 'level');
  return method?.body.method === 'pump-down' && !weighed && level !== undefined && level.body.reachedPsig < 0;
}

export function recoverGates(
  sheet: SheetWith<Begun | 'certification' | 'circuitLog' | 'circuitSchools' | 'removal' | 'site' | 'survey'>,
): Gate[] {
  const view = recoveryView(sheet);
  const dead = claimOf(view.checks, 'dead');
  const level = claimOf(view.checks, 'level');
  const stop = view.checks.find((c) => c.verdict === 'stop' && c.id !== 'dead');
  const nothing = view.method?.body.method === 'nothing';
  const unweighed = machineUnweighed(sheet);
  const levelHolds =
    nothing || (level?.verdict === 'good' && !unweighed) || latestOf(sheet.circuitLog, 'leak-exception') !== undefined;
  return [
    ...(beganWithSurvey(sheet)
      ? [
          gate(
            'removal-released',
            tell('work.removal-released'),
            sheet.removal !== null,
            sheet.removal ? tell('work.released-by', { by: sheet.removal.by }) : tell('work.scope-page-releases-it'),
            false,
          ),
        ]
      : []),
    gate(
      'dead-proof',
      tell('work.proof-of-dead'),
      dead?.verdict === 'good',
      dead?.claim ?? tell('work.not-proven-dead'),
      false,
    ),
    gate(
      'recovered-level',
      tell('work.refrigerant-recovered-to-its-level'),
      levelHolds,
      nothing
        ? tell('work.nothing-to-recover', { reason: view.method?.body.reason })
        : unweighed && level?.verdict === 'good'
          ? tell('work.what-machine-took-is-not-weighed')
          : (level?.claim ?? tell('work.no-level-on-record')),
    ),
    ...(stop ? [gate('no-stop', tell('work.no-stop-finding'), false, stop.claim, false)] : []),
    certificationGate(sheet.certification),
  ];
}
