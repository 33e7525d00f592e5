import { nitrogenBudget } from '@/core/circuit/pressure/nitrogen-budget';
import type { Finding } from '@/core/finding/finding';
import { COMMON, tell } from '@/core/phases/join/words';
import { type CircuitEntry, type EntryOf, entriesOf, latestOf } from '@/core/phases/log/circuit-log';
import { q, value } from '@/core/words/said';
import { kitChecks } from './coupling-checks';
import { drierCheck, drierIn, suctionDrierCheck } from './drier-check';
import { jointChecks } from './joint-checks';
import { type JoinContext, type RunFigures, runFigures } from './line-run';
import { openedCheck } from './opened-check';
import { orificeCheck, outdoorMeterCheck } from './orifice-check';
import { runChecks } from './run-checks';

/** A fire watch after the last flame (NFPA 51B, from memory), min. */
const FIRE_WATCH_MIN = 60;

export type JoinView = {
  run: EntryOf<'line-run'> | undefined;
  figures: RunFigures | undefined;
  joints: { joint: EntryOf<'joint'>; checks: Finding[] }[];
  /** The drier of the liquid line. */
  drier: EntryOf<'drier'> | undefined;
  hiss: EntryOf<'coil-hiss'> | undefined;
  expansion: EntryOf<'expansion-open'> | undefined;
  nitrogen: { maxPsig: number; needPsig: number; reaches: boolean; purgeScf: number } | undefined;
  preCharged: boolean;
  checks: Finding[];
};

export function joinOf(log: readonly CircuitEntry[], context: JoinContext): JoinView {
  const run = latestOf(log, 'line-run');
  const figures = run ? runFigures(run.body, context) : undefined;
  const joints = entriesOf(log, 'joint').map((joint) => ({ joint, checks: jointChecks(joint) }));
  const cylinder = latestOf(log, 'nitrogen-cylinder');
  const budget =
    cylinder && context.testPsig !== undefined && context.volumeFt3 !== undefined
      ? nitrogenBudget({ ...cylinder.body, testPsig: context.testPsig, volumeFt3: context.volumeFt3 })
      : undefined;
  const view: Omit<JoinView, 'checks'> = {
    run,
    figures,
    joints,
    drier: drierIn(log, 'liquid'),
    hiss: latestOf(log, 'coil-hiss'),
    expansion: latestOf(log, 'expansion-open'),
    nitrogen: budget?.ok ? budget.value : undefined,
    preCharged: run?.body.setType === 'pre-charged',
  };
  return { ...view, checks: checksOf(log, view, context) };
}

function checksOf(log: readonly CircuitEntry[], v: Omit<JoinView, 'checks'>, context: JoinContext): Finding[] {
  const opened = openedCheck(log);
  const checks: Finding[] = opened ? [opened] : [];
  if (!v.run || !v.figures)
    checks.push({
      id: 'line-run',
      verdict: 'not-proven',
      claim: tell('join.line-set-is-not-drawn-yet'),
      because: tell('join.its-sizes-lengths-and-heights-decide'),
      source: COMMON,
      next: { say: tell('join.draw-it-from-outdoor-unit-to') },
    });
  else checks.push(...runChecks(v.run.body, v.figures, context));
  if (v.hiss?.body.hiss === 'no')
    checks.push({
      id: 'hiss',
      verdict: 'look-again',
      claim: tell('join.new-coil-came-without-its-holding'),
      because: tell('join.no-hiss-at-seal-it-leaked'),
      source: COMMON,
      next: { say: tell('join.pressure-test-coil-by-itself-before') },
      miss: 1,
    });
  if (v.preCharged && v.run && v.figures)
    return [
      ...checks,
      ...kitChecks(
        v.run.body,
        v.figures,
        v.joints.map((j) => j.joint),
      ),
      ...v.joints.flatMap((j) => j.checks),
    ];
  const suction = suctionDrierCheck(drierIn(log, 'suction'), context);
  checks.push(drierCheck(v.drier, context), ...(suction ? [suction] : []), expansionCheck(v.expansion));
  if (v.joints.length === 0)
    checks.push({
      id: 'joints',
      verdict: 'not-proven',
      claim: tell('join.no-joint-is-logged'),
      because: tell('join.every-joint-is-bubbled-by-this'),
      source: COMMON,
      next: { say: tell('join.log-each-joint-as-it-is') },
    });
  for (const j of v.joints) checks.push(...j.checks);
  if (context.fixedOrifice && v.joints.length > 0)
    checks.push(
      orificeCheck(
        v.joints.map((j) => j.joint.body.orificeStamp),
        context.listedOrifice,
      ),
    );
  // Two orifices are swapped together; of a valve outdoors it is judged what was written.
  const outdoors = latestOf(log, 'outdoor-meter');
  if (context.heatPump && (outdoors || (context.fixedOrifice && v.joints.length > 0)))
    checks.push(outdoorMeterCheck(outdoors));
  const brazed = v.joints.some((j) => j.joint.body.method === 'braze');
  const watch = latestOf(log, 'fire-watch');
  if (brazed && (!watch || watch.body.minutes < FIRE_WATCH_MIN))
    checks.push({
      id: 'fire-watch',
      verdict: 'not-proven',
      claim: watch
        ? tell('join.fire-watch-of', { minutes: q(watch.body.minutes, 'min') })
        : tell('join.no-fire-watch-on-record'),
      because: tell('join.what-smoulders-in-wall-shows-after'),
      source: tell('join.nfpa-51b-from-memory-local-rules', { fireWatchMin: q(FIRE_WATCH_MIN, 'min', 'as is') }),
      next: {
        say: tell('join.watch-place-for-after-last-flame', { fireWatchMin: q(FIRE_WATCH_MIN, 'min', 'as is') }),
      },
    });
  if (v.nitrogen && !v.nitrogen.reaches)
    checks.push({
      id: 'nitrogen',
      verdict: 'look-again',
      claim: tell('join.nitrogen-on-truck-reaches-are-planned', {
        maxPsig: q(v.nitrogen.maxPsig, 'psig', 0),
        testPsig: context.testPsig,
      }),
      because: tell('join.it-would-have-to-show-after', { needPsig: q(v.nitrogen.needPsig, 'psig', 0) }),
      source: tell('join.gas-law-50-psi-regulator-margin'),
      next: { say: tell('join.fetch-another-cylinder-before-test') },
      miss: 1,
    });
  return checks;
}

function expansionCheck(open: EntryOf<'expansion-open'> | undefined): Finding {
  return {
    id: 'expansion',
    verdict: open ? 'good' : 'not-proven',
    claim: open
      ? tell('join.expansion-valve', { how: value(open.body.how) })
      : tell('join.nobody-said-that-expansion-valve-is'),
    because: tell('join.shut-electronic-valve-or-solenoid-keeps'),
    source: COMMON,
    ...(open ? {} : { next: { say: tell('join.drive-it-open-or-use-service') } }),
  };
}
