import { stands } from '@/core/finding/accepted';
import type { Finding } from '@/core/finding/finding';
import { type Certification, certificationGate, type Gate, gate } from '@/core/job/gates';
import { isSigned, type SheetWith } from '@/core/job/sheet';
import { setsEquipment } from '@/core/phases/set/needed';
import { signedGate } from '@/core/phases/signed-gate';
import { tell } from '@/core/phases/start-up/words';
import { hazardHolds } from '@/core/phases/survey/gates';
import type { Begun } from '@/core/phases/survey/view';
import { wiresEquipment } from '@/core/phases/wire/needed';
import { SEASON_RUN_MIN } from '@/core/startup/season';
import { list, q, type Said } from '@/core/words/said';
import type { RecordedStartUp } from './start-up-sheet';
import { acceptedOn } from './system';
/** What the gates of a start-up are judged by. */
export type StartUpProof = {
  chargeSigned: boolean;
  /** False before the first reading: nothing is good then. */
  recorded: boolean;
  /** The charge cannot be judged now: its proof stays owed, the run's length stands in for steadiness. */
  limited: boolean;
  steady: boolean;
  steadySay: Said;
  missing: readonly Said[];
  findings: readonly Finding[];
  /** Look-agains by id that the lead and the customer let stand. */
  accepted: readonly string[];
  enclosureRestored: boolean;
  certification: Certification;
};

export function gatesByProof(s: StartUpProof): Gate[] {
  const stops = s.findings.filter((x) => x.verdict === 'stop');
  const open = s.findings.filter(
    (x) =>
      x.verdict !== 'good' &&
      x.verdict !== 'stop' &&
      x.step !== 'steady' &&
      x.id !== 'enclosure' &&
      !x.owed &&
      !stands(x, s.accepted),
  );
  const stays = s.findings.filter((x) => stands(x, s.accepted)).length;
  return [
    gate(
      'charge-signed',
      tell('job.signed-charge'),
      s.chargeSigned,
      s.chargeSigned ? tell('job.charge-signed') : tell('job.sign-charge-first'),
    ),
    gate(
      'readings',
      tell('job.all-required-readings-recorded'),
      s.missing.length === 0,
      s.missing.length ? tell('job.not-recorded', { missing: list(s.missing) }) : tell('job.all-recorded'),
    ),
    gate(
      'steady',
      s.limited ? tell('job.reading-after-15-min-of-run') : tell('job.reading-recorded-at-steady-state'),
      s.steady,
      s.steadySay,
    ),
    gate(
      'no-stop',
      tell('job.no-stop-finding'),
      s.recorded && stops.length === 0,
      stops[0]?.claim ?? (s.recorded ? tell('job.none') : tell('job.no-reading-recorded')),
      false,
    ),
    gate(
      'all-good',
      stays
        ? tell('job.every-finding-good-or-accepted')
        : s.limited
          ? tell('job.every-finding-good-that-can-be')
          : tell('job.every-finding-good'),
      s.recorded && open.length === 0,
      !s.recorded
        ? tell('job.no-reading-recorded')
        : (open[0]?.claim ??
            (stays
              ? tell('job.rest-is-good-accepted-against-advice', { count: stays })
              : s.limited
                ? tell('job.all-good-rest-is-owed')
                : tell('job.all-good'))),
    ),
    gate(
      'enclosure',
      tell('job.enclosure-restored-for-final-reading'),
      s.enclosureRestored,
      s.enclosureRestored ? tell('job.restored') : tell('job.panels-covers-and-fence-not-confirmed'),
    ),
    certificationGate(s.certification),
  ];
}

/** What must hold before the start-up is signed, by the reading that was recorded last. */
export function startUpGates(
  sheet: SheetWith<
    Begun | 'acceptances' | 'certification' | 'scopeSchools' | 'signOffs' | 'startUp' | 'survey' | 'systemLog'
  >,
  recorded?: RecordedStartUp,
): Gate[] {
  return [
    ...hazardHolds(sheet),
    ...(setsEquipment(sheet) ? [signedGate(sheet, 'set', 'set-signed')] : []),
    ...(wiresEquipment(sheet) ? [signedGate(sheet, 'wire', 'wire-signed')] : []),
    ...gatesByProof({
      chargeSigned: isSigned(sheet, 'charge'),
      recorded: recorded !== undefined,
      limited: recorded?.limit !== undefined,
      ...steadiness(recorded),
      missing: recorded?.missing ?? [tell('job.every-reading')],
      findings: recorded?.judgement.findings ?? [],
      accepted: acceptedOn(sheet),
      enclosureRestored: sheet.startUp.confirmations.enclosureRestored !== undefined,
      certification: sheet.certification,
    }),
  ];
}

/** Steady by its own window; where the charge cannot be judged now, run for long enough. */
function steadiness(recorded: RecordedStartUp | undefined): { steady: boolean; steadySay: Said } {
  if (!recorded) return { steady: false, steadySay: tell('job.no-reading-recorded') };
  const { limit, ranMin, steady } = recorded;
  if (!limit) return { steady: steady.state === 'steady', steadySay: steady.say };
  return {
    steady: (ranMin ?? 0) >= SEASON_RUN_MIN,
    steadySay:
      ranMin === undefined
        ? tell('job.nobody-said-how-long-it-has')
        : tell('job.ran-of', { ranMin: Math.floor(ranMin), seasonRunMin: q(SEASON_RUN_MIN, 'min', 'as is') }),
  };
}
