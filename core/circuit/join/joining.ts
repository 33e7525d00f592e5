import { odText } from '@/core/circuit/acr-tube';
import { linePressureDrop } from '@/core/circuit/line/line-pressure-drop';
import { riserMinimum } from '@/core/circuit/line/riser-minimum';
import { type CircuitEntry, type EntryOf, entriesOf, latestOf } from '@/core/circuit/log/circuit-log';
import type { EntryBody } from '@/core/circuit/log/entry-bodies';
import { nitrogenBudget } from '@/core/circuit/pressure/nitrogen-budget';
import type { CircuitSchools } from '@/core/circuit/schools';
import type { Finding } from '@/core/finding/finding';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { drierIn } from './after-run';
import { brazeClearance } from './braze-clearance';
import { drierCheck, suctionDrierCheck } from './drier-check';
import { flareTorque } from './flare-torque';
import { liquidMargin } from './liquid-margin';

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
const COMMON = 'common practice';

export type JoinContext = {
  refrigerant: Refrigerant;
  tons: number;
  heatPump: boolean;
  fixedOrifice: boolean;
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
  const joints = entriesOf(log, 'joint').map((joint) => ({ joint, checks: jointChecks(joint, context) }));
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
      claim: 'The line set is not drawn yet.',
      because: 'Its sizes, lengths and heights decide pressure drop, oil return and the charge.',
      source: COMMON,
      next: { say: 'Draw it from the outdoor unit to the coil.' },
    });
  else checks.push(...runChecks(v.run.body, v.figures, context));
  if (v.hiss?.body.hiss === 'no')
    checks.push({
      id: 'hiss',
      verdict: 'look-again',
      claim: 'The new coil came without its holding charge.',
      because: 'No hiss at the seal: it leaked in its box.',
      source: COMMON,
      next: { say: 'Pressure-test the coil by itself before it is brazed in, or send it back.' },
      miss: 1,
    });
  if (v.preCharged) return checks;
  const suction = suctionDrierCheck(drierIn(log, 'suction'), context);
  checks.push(drierCheck(v.drier, context), ...(suction ? [suction] : []), expansionCheck(v.expansion));
  if (v.joints.length === 0)
    checks.push({
      id: 'joints',
      verdict: 'not-proven',
      claim: 'No joint is logged.',
      because: 'Every joint is bubbled by this list.',
      source: COMMON,
      next: { say: 'Log each joint as it is made.' },
    });
  for (const j of v.joints) checks.push(...j.checks);
  const brazed = v.joints.some((j) => j.joint.body.method === 'braze');
  const watch = latestOf(log, 'fire-watch');
  if (brazed && (!watch || watch.body.minutes < FIRE_WATCH_MIN))
    checks.push({
      id: 'fire-watch',
      verdict: 'not-proven',
      claim: watch ? `Fire watch of ${watch.body.minutes.toFixed(0)} min.` : 'No fire watch on record.',
      because: 'What smoulders in a wall shows after the crew has gone.',
      source: `NFPA 51B (${FIRE_WATCH_MIN} min), from memory; local rules win`,
      next: { say: `Watch the place for ${FIRE_WATCH_MIN} min after the last flame.` },
    });
  if (v.nitrogen && !v.nitrogen.reaches)
    checks.push({
      id: 'nitrogen',
      verdict: 'look-again',
      claim: `The nitrogen on the truck reaches ${v.nitrogen.maxPsig.toFixed(0)} psig; ${context.testPsig} are planned.`,
      because: `It would have to show ${v.nitrogen.needPsig.toFixed(0)} psig after the purge.`,
      source: 'gas law; 50 psi regulator margin common practice',
      next: { say: 'Fetch another cylinder before the test.' },
      miss: 1,
    });
  return checks;
}

function runChecks(body: EntryBody<'line-run'>, f: RunFigures, context: JoinContext): Finding[] {
  const checks: Finding[] = [];
  const source = 'Darcy–Weisbach; limits common practice; the maker’s table wins';
  if (f.suction) {
    const loss = f.suction.saturationLossF;
    const slow = loss < 0.2 && f.suction.velocityFpm < 700;
    checks.push({
      id: 'suction',
      verdict: loss > SUCTION_LOSS_F.most || slow ? 'look-again' : loss > SUCTION_LOSS_F.good ? 'look-again' : 'good',
      claim: `Vapour line ${odText(body.vaporOdIn)}: ${loss.toFixed(2)} °F lost, ${(Math.round(f.suction.velocityFpm / 10) * 10).toFixed(0)} fpm.`,
      because: slow
        ? 'So slow a vapour leaves its oil behind.'
        : `Up to ${SUCTION_LOSS_F.good} °F is good, ${SUCTION_LOSS_F.most} the most.`,
      source,
      miss: loss / SUCTION_LOSS_F.most,
      ...(loss > SUCTION_LOSS_F.most ? { next: { say: 'Take the next larger vapour line.' } } : {}),
    });
  }
  if (f.liquid) {
    const { marginF, lossF, reading } = f.liquid;
    checks.push({
      id: 'liquid',
      verdict: reading === 'liquid' ? 'good' : 'look-again',
      claim: `Liquid line ${odText(body.liquidOdIn)}: ${lossF.toFixed(1)} °F lost, ${marginF.toFixed(1)} °F of subcooling left.`,
      because: reading === 'flashes' ? 'It boils before the metering device.' : 'Below 2 °F it may flash on a hot day.',
      source,
      miss: Math.max(0, 2 - marginF),
      ...(reading === 'flashes'
        ? { next: { say: 'Take a larger liquid line, or ask the maker about more subcooling.' } }
        : {}),
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
        ? `Vapour climbs ${f.vapourRiseFt.toFixed(0)} ft at ${velocity.toFixed(0)} fpm at least capacity.`
        : `Vapour climbs ${f.vapourRiseFt.toFixed(0)} ft; oil needs ${f.riserTons.toFixed(2)} t, least capacity is ${least.toFixed(1)} t (${velocity.toFixed(0)} fpm).`,
      because: 'Too slow in a riser, oil stays below and the compressor runs dry.',
      source: bySpeed ? `company school: ${RISER_FPM} fpm` : 'Jacobs, ASHRAE Handbook Refrigeration, from memory',
      ...(good ? {} : { next: { say: 'Take a smaller riser by the maker’s table, or ask about its least capacity.' } }),
      miss: good ? 0 : 1,
    });
  }
  if (f.equivalentFt > LONG.equivalentFt || Math.abs(f.liftFt) > LONG.riseFt)
    checks.push({
      id: 'long-line',
      verdict: 'look-again',
      claim: `A long line: ${f.equivalentFt.toFixed(0)} ft equivalent, ${Math.abs(f.liftFt).toFixed(0)} ft of height.`,
      because: 'Makers ask for a crankcase heater, a hard-shutting valve, sometimes a solenoid or more oil.',
      source: `${COMMON}; the maker’s long-line guide rules`,
      next: { say: 'Open the maker’s long-line guide.' },
    });
  if (body.vaporWallIn < LEAST_WALL_IN)
    checks.push({
      id: 'insulation',
      verdict: 'look-again',
      claim: `${body.vaporWallIn} in of insulation on the vapour line.`,
      because: 'It sweats in humid air and loses capacity.',
      source: `${COMMON}: ${LEAST_WALL_IN} in at least, full length, taped, out of the sun; a code may ask R-3`,
      next: { say: `Insulate with at least ${LEAST_WALL_IN} in.` },
    });
  if (body.kept && context.scopeKeepsLines === false)
    checks.push({
      id: 'scope-line',
      verdict: 'look-again',
      claim: 'The signed scope has a new line set; here the old one stays.',
      because: 'The customer signed for a new one, and the charge follows from what is drawn.',
      source: 'the signed scope',
      next: { say: 'Draw the new line set, or let the customer answer the change.' },
      miss: 2,
    });
  const other = [
    ...(context.listed?.liquidOdIn && context.listed.liquidOdIn !== body.liquidOdIn
      ? [`liquid line ${odText(body.liquidOdIn)}, ${odText(context.listed.liquidOdIn)} listed`]
      : []),
    ...(context.listed?.vaporOdIn && context.listed.vaporOdIn !== body.vaporOdIn
      ? [`vapour line ${odText(body.vaporOdIn)}, ${odText(context.listed.vaporOdIn)} listed`]
      : []),
  ];
  if (other.length)
    checks.push({
      id: 'listed-size',
      verdict: 'look-again',
      claim: `Another size than the unit lists: ${other.join('; ')}.`,
      because: 'Capacity, oil return and charge belong to the listed sizes.',
      source: 'the unit’s own listing; the maker’s line table rules',
      next: { say: 'Find this size in the maker’s line table, or lay the listed one.' },
      miss: 1,
    });
  if (body.kept) {
    const [first] = body.troubles;
    checks.push({
      id: 'reuse',
      verdict: first ? 'look-again' : body.flushed ? 'good' : 'not-proven',
      claim: first
        ? `Replace the line set: ${body.troubles.join(', ')}.`
        : body.flushed
          ? 'The kept line set was flushed clean.'
          : 'The kept line set is not flushed.',
      because: 'Old oil, acid and dirt reach the new compressor first.',
      source: COMMON,
      ...(first
        ? { next: { say: 'Lay a new line set.' }, miss: 1 }
        : body.flushed
          ? {}
          : {
              next: { say: 'Flush with an approved solvent, driven by nitrogen, until it runs clean; purge it out.' },
            }),
    });
  }
  return checks;
}

/** What is wrong with one joint; each check names the entry, so that it can be corrected from the next move. */
const jointChecks = (joint: EntryOf<'joint'>, context: JoinContext): Finding[] =>
  troublesOf(joint, context).map((check) => ({ ...check, subject: joint.id }));

function troublesOf(joint: EntryOf<'joint'>, context: JoinContext): Finding[] {
  const { body } = joint;
  const checks: Finding[] = [];
  const at = (what: string): string => `${body.place}: ${what}`;
  const id = (what: string): string => `joint-${joint.id}-${what}`;
  if (body.method === 'braze') {
    if (!body.nitrogenScfh)
      checks.push({
        id: id('nitrogen'),
        verdict: 'look-again',
        claim: at('brazed without nitrogen flowing.'),
        because: 'Scale flakes off inside and blocks the metering device.',
        source: COMMON,
        next: { say: 'Flow 3 to 5 ft³/h with the far end open; expect to clean the strainer.' },
        miss: 0.8,
      });
    if (!body.heatShield)
      checks.push({
        id: id('heat'),
        verdict: 'look-again',
        claim: at('no heat protection.'),
        because: 'Valves, bulbs and seals nearby suffer from the heat.',
        source: COMMON,
        next: { say: 'Finding the valve next to it; wrap it the next time.' },
      });
    if (body.metals === 'copper to steel' && body.alloy === 'copper-phosphorus')
      checks.push({
        id: id('alloy'),
        verdict: 'look-again',
        claim: at('phosphorus alloy on steel.'),
        because: 'It makes a brittle joint that cracks.',
        source: COMMON,
        next: { say: 'Make it again with silver alloy and flux.' },
        miss: 1,
      });
    if (body.socketIn !== null) {
      const gap = brazeClearance({ tubeOdIn: body.odIn, socketIdIn: body.socketIn });
      if (gap.ok && !gap.value.joinable)
        checks.push({
          id: id('clearance'),
          verdict: 'look-again',
          claim: at(`${gap.value.radialIn.toFixed(3)} in a side.`),
          because: gap.value.say,
          source: `${COMMON}: 0.001 to 0.006 in`,
          next: { say: 'Use a reducer or the right fitting.' },
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
          claim: at(t === null ? 'torque not written down.' : `${t} ft·lb.`),
          because: `${odText(body.odIn)} wants ${lowFtLb} to ${highFtLb} ft·lb.`,
          source: `${COMMON}; the maker’s table first`,
          next: { say: 'Torque it with two wrenches, oil on the back of the flare.' },
        });
    }
  }
  if (body.newRing === false)
    checks.push({
      id: id('ring'),
      verdict: 'look-again',
      claim: at('the old O-ring went back in.'),
      because: 'A seal that was opened once leaks later.',
      source: COMMON,
      next: { say: 'Put a new one in.' },
    });
  if (context.fixedOrifice && body.orificeStamp === '')
    checks.push({
      id: id('orifice'),
      verdict: 'not-proven',
      claim: at('orifice stamp not read.'),
      because: 'It must be the size the outdoor unit lists.',
      source: COMMON,
    });
  return checks;
}

function expansionCheck(open: EntryOf<'expansion-open'> | undefined): Finding {
  return {
    id: 'expansion',
    verdict: open ? 'good' : 'not-proven',
    claim: open ? `Expansion valve: ${open.body.how}.` : 'Nobody said that the expansion valve is open.',
    because: 'A shut electronic valve or solenoid keeps half the circuit out of test and vacuum.',
    source: COMMON,
    ...(open ? {} : { next: { say: 'Drive it open or use the service magnet.' } }),
  };
}
