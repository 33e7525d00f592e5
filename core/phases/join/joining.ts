import { brazeClearance } from '@/core/circuit/join/braze-clearance';
import { flareTorque } from '@/core/circuit/join/flare-torque';
import { liquidMargin } from '@/core/circuit/join/liquid-margin';
import { linePressureDrop } from '@/core/circuit/line/line-pressure-drop';
import { riserMinimum } from '@/core/circuit/line/riser-minimum';
import { nitrogenBudget } from '@/core/circuit/pressure/nitrogen-budget';
import type { CircuitSchools } from '@/core/circuit/schools';
import type { Finding } from '@/core/finding/finding';
import { tell } from '@/core/phases/join/words';
import { type CircuitEntry, type EntryOf, entriesOf, latestOf } from '@/core/phases/log/circuit-log';
import type { EntryBody } from '@/core/phases/log/entries';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { list, q, type Said, value } from '@/core/words/said';
import { drierCheck, drierIn, suctionDrierCheck } from './drier-check';

/** An elbow counts as this much pipe where the maker's table is not at hand (common practice), ft. */
const ELBOW_FT = 1.5;
/** Loss of saturation temperature in the suction line: good to the first, never beyond the second (common practice), °F. */
const SUCTION_LOSS_F = { good: 1, most: 2 } as const;
/** Lines beyond these are long lines unless the maker says otherwise (common practice), ft. */
const LONG = { equivalentFt: 80, riseFt: 20 } as const;
const RISER_FPM = 1000;
const LEAST_WALL_IN = 0.5;
const DESIGN = { evaporatingF: 45, condensingF: 105, subcoolingF: 10 } as const;
const FIRE_WATCH_MIN = 60;
const COMMON = tell('join.common-practice');

export type JoinContext = {
  refrigerant: Refrigerant;
  tons: number;
  heatPump: boolean;
  fixedOrifice: boolean;
  /** The orifice that the outdoor unit lists, where its plate says so. */
  listedOrifice?: string | null | undefined;
  subcoolingF: number | null;
  schools: CircuitSchools;
  testPsig: number | undefined;
  volumeFt3: number | undefined;
  /** What the signed scope says of the old line set; undefined where no scope is signed. */
  scopeKeepsLines?: boolean | undefined;
  /** Line sizes that the chosen unit lists. */
  listed?: { liquidOdIn: number | null; vaporOdIn: number | null } | undefined;
};

export type RunFigures = {
  lengthFt: number;
  equivalentFt: number;
  /** Height of the coil over the outdoor unit. */
  liftFt: number;
  /** Longest stretch the vapour climbs in one go on its way to the outdoor unit. */
  vapourRiseFt: number;
  suction: { psi: number; saturationLossF: number; velocityFpm: number } | undefined;
  liquid: { lossF: number; marginF: number; reading: string } | undefined;
  riserTons: number | undefined;
};

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

export const lengthOf = (body: Pick<EntryBody<'line-run'>, 'pieces'>): number =>
  body.pieces.reduce((s, p) => s + p.ft, 0);

export function runFigures(body: EntryBody<'line-run'>, context: JoinContext): RunFigures {
  const lengthFt = lengthOf(body);
  const equivalentFt = Math.min(500, lengthFt + body.elbows * ELBOW_FT);
  const heights = body.pieces.map((p) => (p.way === 'up' ? p.ft : p.way === 'down' ? -p.ft : 0));
  const liftFt = heights.reduce((s, h) => s + h, 0);
  // Written from the outdoor unit to the coil: where the way goes down, vapour climbs on its way back.
  let climb = 0;
  let vapourRiseFt = 0;
  for (const h of heights) {
    climb = h < 0 ? climb - h : h > 0 ? 0 : climb;
    vapourRiseFt = Math.max(vapourRiseFt, climb);
  }
  const { refrigerant, tons } = context;
  const { evaporatingF, condensingF } = DESIGN;
  const suction = linePressureDrop({
    refrigerant,
    line: 'suction',
    odIn: body.vaporOdIn,
    equivalentFt: Math.max(1, equivalentFt),
    capacityTons: tons,
    evaporatingF,
    condensingF,
  });
  const liquid = liquidMargin({
    refrigerant,
    odIn: body.liquidOdIn,
    equivalentFt: Math.max(1, equivalentFt),
    capacityTons: tons,
    liftFt: Math.max(-150, Math.min(150, liftFt)),
    subcoolingF: context.subcoolingF ?? DESIGN.subcoolingF,
  });
  const riser = vapourRiseFt > 0 ? riserMinimum({ refrigerant, odIn: body.vaporOdIn, evaporatingF }) : undefined;
  return {
    lengthFt,
    equivalentFt,
    liftFt,
    vapourRiseFt,
    suction: suction.ok ? suction.value : undefined,
    liquid: liquid.ok ? liquid.value : undefined,
    riserTons: riser?.ok ? riser.value.minimumTons : undefined,
  };
}

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
  const checks: Finding[] = [];
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
  if (v.preCharged) return checks;
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

function runChecks(body: EntryBody<'line-run'>, f: RunFigures, context: JoinContext): Finding[] {
  const checks: Finding[] = [];
  const source = tell('join.darcy-weisbach-limits-common-practice-makers');
  if (f.suction) {
    const loss = f.suction.saturationLossF;
    const slow = loss < 0.2 && f.suction.velocityFpm < 700;
    checks.push({
      id: 'suction',
      verdict: loss > SUCTION_LOSS_F.most || slow ? 'look-again' : loss > SUCTION_LOSS_F.good ? 'look-again' : 'good',
      claim: tell('join.vapour-line-lost', {
        vaporOdIn: q(body.vaporOdIn, 'od'),
        loss: q(loss, 'F', 2),
        velocityFpm: q(Math.round(f.suction.velocityFpm / 10) * 10, 'fpm'),
      }),
      because: slow
        ? tell('join.so-slow-vapour-leaves-its-oil')
        : tell('join.up-to-is-good-most', { good: q(SUCTION_LOSS_F.good, 'F', 'as is'), most: SUCTION_LOSS_F.most }),
      source,
      miss: loss / SUCTION_LOSS_F.most,
      ...(loss > SUCTION_LOSS_F.most ? { next: { say: tell('join.take-next-larger-vapour-line') } } : {}),
    });
  }
  if (f.liquid) {
    const { marginF, lossF, reading } = f.liquid;
    checks.push({
      id: 'liquid',
      verdict: reading === 'liquid' ? 'good' : 'look-again',
      claim: tell('join.liquid-line-lost-of-subcooling-left', {
        liquidOdIn: q(body.liquidOdIn, 'od'),
        lossF: q(lossF, 'F'),
        marginF: q(marginF, 'F'),
      }),
      because:
        reading === 'flashes' ? tell('join.it-boils-before-metering-device') : tell('join.below-2-f-it-may-flash'),
      source,
      miss: Math.max(0, 2 - marginF),
      ...(reading === 'flashes' ? { next: { say: tell('join.take-larger-liquid-line-or-ask') } } : {}),
    });
  }
  if (f.riserTons !== undefined && f.suction) {
    const least = body.leastTons ?? context.tons;
    const velocity = (f.suction.velocityFpm * least) / context.tons;
    const bySpeed = context.schools.oilReturn === 'velocity';
    const good = bySpeed ? velocity >= RISER_FPM : least >= f.riserTons;
    checks.push({
      id: 'riser',
      verdict: good ? 'good' : 'look-again',
      claim: bySpeed
        ? tell('join.vapour-climbs-at-at-least-capacity', {
            vapourRiseFt: q(f.vapourRiseFt, 'ft'),
            velocity: q(velocity, 'fpm'),
          })
        : tell('join.vapour-climbs-oil-needs-t-least', {
            vapourRiseFt: q(f.vapourRiseFt, 'ft'),
            riserTons: q(f.riserTons, 'number', 2),
            least: q(least, 'number', 1),
            velocity: q(velocity, 'fpm'),
          }),
      because: tell('join.too-slow-in-riser-oil-stays'),
      source: bySpeed
        ? tell('join.company-school', { riserFpm: q(RISER_FPM, 'fpm', 'as is') })
        : tell('join.jacobs-ashrae-handbook-refrigeration-from-memory'),
      ...(good ? {} : { next: { say: tell('join.take-smaller-riser-by-makers-table') } }),
      miss: good ? 0 : 1,
    });
  }
  if (f.equivalentFt > LONG.equivalentFt || Math.abs(f.liftFt) > LONG.riseFt)
    checks.push({
      id: 'long-line',
      verdict: 'look-again',
      claim: tell('join.long-line-equivalent-of-height', {
        equivalentFt: q(f.equivalentFt, 'ft'),
        liftFt: q(Math.abs(f.liftFt), 'ft'),
      }),
      because: tell('join.makers-ask-for-crankcase-heater-hard'),
      source: tell('join.makers-long-line-guide-rules', { common: COMMON }),
      next: { say: tell('join.open-makers-long-line-guide') },
    });
  if (body.vaporWallIn < LEAST_WALL_IN)
    checks.push({
      id: 'insulation',
      verdict: 'look-again',
      claim: tell('join.of-insulation-on-vapour-line', { vaporWallIn: q(body.vaporWallIn, 'in', 'as is') }),
      because: tell('join.it-sweats-in-humid-air-and'),
      source: tell('join.at-least-full-length-taped-out', {
        common: COMMON,
        leastWallIn: q(LEAST_WALL_IN, 'in', 'as is'),
      }),
      next: { say: tell('join.insulate-with-at-least', { leastWallIn: q(LEAST_WALL_IN, 'in', 'as is') }) },
    });
  if (body.kept && context.scopeKeepsLines === false)
    checks.push({
      id: 'scope-line',
      verdict: 'look-again',
      claim: tell('join.signed-scope-has-new-line-set'),
      because: tell('join.customer-signed-for-new-one-and'),
      source: tell('join.signed-scope'),
      next: { say: tell('join.draw-new-line-set-or-let') },
      miss: 2,
    });
  const other = [
    ...(context.listed?.liquidOdIn && context.listed.liquidOdIn !== body.liquidOdIn
      ? [
          tell('join.liquid-line-listed', {
            liquidOdIn: q(body.liquidOdIn, 'od'),
            liquidOdIn2: q(context.listed.liquidOdIn, 'od'),
          }),
        ]
      : []),
    ...(context.listed?.vaporOdIn && context.listed.vaporOdIn !== body.vaporOdIn
      ? [
          tell('join.vapour-line-listed', {
            vaporOdIn: q(body.vaporOdIn, 'od'),
            vaporOdIn2: q(context.listed.vaporOdIn, 'od'),
          }),
        ]
      : []),
  ];
  if (other.length)
    checks.push({
      id: 'listed-size',
      verdict: 'look-again',
      claim: tell('join.another-size-than-unit-lists', { other: list(other, '; ') }),
      because: tell('join.capacity-oil-return-and-charge-belong'),
      source: tell('join.units-own-listing-makers-line-table'),
      next: { say: tell('join.find-this-size-in-makers-line') },
      miss: 1,
    });
  if (body.kept) {
    const [first] = body.troubles;
    checks.push({
      id: 'reuse',
      verdict: first ? 'look-again' : body.flushed ? 'good' : 'not-proven',
      claim: first
        ? tell('join.replace-line-set', { troubles: list(body.troubles.map(value)) })
        : body.flushed
          ? tell('join.kept-line-set-was-flushed-clean')
          : tell('join.kept-line-set-is-not-flushed'),
      because: tell('join.old-oil-acid-and-dirt-reach'),
      source: COMMON,
      ...(first
        ? { next: { say: tell('join.lay-new-line-set') }, miss: 1 }
        : body.flushed
          ? {}
          : {
              next: { say: tell('join.flush-with-approved-solvent-driven-by') },
            }),
    });
  }
  return checks;
}

/** What is wrong with one joint; each check names the entry, so that it can be corrected from the next move. */
const jointChecks = (joint: EntryOf<'joint'>): Finding[] =>
  troublesOf(joint).map((check) => ({ ...check, subject: joint.id }));

function troublesOf(joint: EntryOf<'joint'>): Finding[] {
  const { body } = joint;
  const checks: Finding[] = [];
  const at = (what: Said): Said => tell('join.at-joint', { place: body.place, what });
  const id = (what: string): string => `joint-${joint.id}-${what}`;
  if (body.method === 'braze') {
    if (!body.nitrogenScfh)
      checks.push({
        id: id('nitrogen'),
        verdict: 'look-again',
        claim: at(tell('join.brazed-without-nitrogen-flowing')),
        because: tell('join.scale-flakes-off-inside-and-blocks'),
        source: COMMON,
        next: { say: tell('join.flow-3-to-5-ft-h') },
        miss: 0.8,
      });
    if (!body.heatShield)
      checks.push({
        id: id('heat'),
        verdict: 'look-again',
        claim: at(tell('join.no-heat-protection')),
        because: tell('join.valves-bulbs-and-seals-nearby-suffer'),
        source: COMMON,
        next: { say: tell('join.finding-valve-next-to-it-wrap') },
      });
    if (body.metals === 'copper to steel' && body.alloy === 'copper-phosphorus')
      checks.push({
        id: id('alloy'),
        verdict: 'look-again',
        claim: at(tell('join.phosphorus-alloy-on-steel')),
        because: tell('join.it-makes-brittle-joint-that-cracks'),
        source: COMMON,
        next: { say: tell('join.make-it-again-with-silver-alloy') },
        miss: 1,
      });
    if (body.socketIn !== null) {
      const gap = brazeClearance({ tubeOdIn: body.odIn, socketIdIn: body.socketIn });
      if (gap.ok && !gap.value.joinable)
        checks.push({
          id: id('clearance'),
          verdict: 'look-again',
          claim: at(tell('join.side', { radialIn: q(gap.value.radialIn, 'in', 3) })),
          because: gap.value.say,
          source: tell('join.0-001-to-0-006-in', { common: COMMON }),
          next: { say: tell('join.use-reducer-or-right-fitting') },
          miss: 1,
        });
    }
  }
  if (body.method === 'flare') {
    const torque = flareTorque({ odIn: body.odIn });
    if (torque.ok) {
      const { lowFtLb, highFtLb } = torque.value;
      const t = body.torqueFtLb;
      if (t === null || t < lowFtLb || t > highFtLb)
        checks.push({
          id: id('torque'),
          verdict: t === null ? 'not-proven' : 'look-again',
          claim: at(t === null ? tell('join.torque-not-written-down') : tell('join.torqued-to', { t })),
          because: tell('join.wants-to-lb', {
            odIn: q(body.odIn, 'od'),
            lowFtLb,
            highFtLb,
          }),
          source: tell('join.makers-table-first', { common: COMMON }),
          next: { say: tell('join.torque-it-with-two-wrenches-oil') },
        });
    }
  }
  if (body.newRing === false)
    checks.push({
      id: id('ring'),
      verdict: 'look-again',
      claim: at(tell('join.old-o-ring-went-back-in')),
      because: tell('join.seal-that-was-opened-once-leaks'),
      source: COMMON,
      next: { say: tell('join.put-new-one-in') },
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

const sizeOf = (stamp: string): string =>
  stamp
    .toLowerCase()
    .replace(/[^a-z0-9.]/g, '')
    .replace(/^0+(?=\.)/, '');

/** A fixed orifice belongs to the outdoor unit: its stamp is read at a joint and held against the size the unit lists. */
function orificeCheck(stamps: readonly (string | null)[], listed: string | null | undefined): Finding {
  const stamp = stamps.find((s) => s?.trim());
  const base = { id: 'orifice', because: tell('join.it-must-be-size-outdoor-unit'), source: COMMON };
  if (!stamp)
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('join.orifice-stamp-not-read'),
      next: { say: tell('join.read-orifice-at-its-joint') },
    };
  if (!listed?.trim())
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('join.orifice-not-compared', { stamp }),
      next: { say: tell('join.type-orifice-the-unit-lists') },
    };
  const same = sizeOf(stamp) === sizeOf(listed);
  return {
    ...base,
    verdict: same ? 'good' : 'look-again',
    claim: tell(same ? 'join.orifice-as-listed' : 'join.orifice-differs', { stamp, listed }),
    miss: same ? 0 : 2,
    ...(same ? {} : { next: { say: tell('join.fit-listed-orifice') } }),
  };
}
