import { tell } from '@/core/air/words';
import type { Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { q } from '@/core/words/said';
import type { AirSheet } from './air-sheet';
import { USUAL_FRICTION } from './airflow-per-ton';
import { USUAL_RATES } from './friction-rate';
import { type AirPlan, planAir } from './plan-air';
import { FILTER_FPM } from './return-filter';
import { tradeDiameter } from './round-size';
import { zoneBypass, zoneMinimum } from './zoning';

/** Residential branch and trunk velocities above these are heard (common practice), fpm. */
const BRANCH_FPM = 700;
const TRUNK_FPM = 900;

export function judgeAir(a: AirSheet): Finding[] {
  const plan = planAir(a);
  const checks: Finding[] = [
    budgetCheck(plan),
    ...pathChecks(a, plan),
    ...ductChecks(a, plan),
    ...returnChecks(a, plan),
    ...zoneChecks(a, plan),
  ];
  if (a.plenum.length + a.trunk.length > 0 && Math.abs(plan.unassignedCfm) > 0.05 * plan.systemCfm) {
    checks.push({
      id: 'unassigned',
      verdict: 'look-again',
      claim:
        plan.unassignedCfm > 0
          ? tell('air.has-no-branch', { unassignedCfm: q(plan.unassignedCfm, 'cfm') })
          : tell('air.branches-ask-for-more-than-system', { unassignedCfm: q(-plan.unassignedCfm, 'cfm') }),
      because: tell('air.at-ton', { systemCfm: q(plan.systemCfm, 'cfm'), cfmPerTon: q(a.cfmPerTon, 'cfm', 'as is') }),
      source: tell('air.conservation-of-flow'),
      next: { say: tell('air.add-missing-branch-or-change-its') },
      miss: Math.abs(plan.unassignedCfm) / plan.systemCfm,
    });
  }
  return orderFindings(checks);
}

function budgetCheck(plan: AirPlan): Finding {
  if (plan.budgetRefused) {
    return {
      id: 'budget',
      verdict: 'look-again',
      claim: plan.budgetRefused.message,
      because: tell('air.ducts-are-sized-at-usual-until', { usualFriction: q(USUAL_FRICTION, 'inWc100', 'as is') }),
      source: tell('air.acca-manual-d-from-memory'),
      next: { say: tell('air.lower-losses-allowed', { allowed: plan.budgetRefused.allowed }) },
      miss: 10,
    };
  }
  const usual = plan.rate >= USUAL_RATES.low && plan.rate < USUAL_RATES.high;
  return {
    id: 'budget',
    verdict: usual ? 'good' : 'look-again',
    claim: tell('air.is-left-for-ducts', {
      availableInWc: q(plan.availableInWc ?? 0, 'inWc'),
      rate: q(plan.rate, 'inWc100', 3),
    }),
    because: tell('air.usual-to-does-fan-table-already', { low: USUAL_RATES.low, high: USUAL_RATES.high }),
    source: tell('air.acca-manual-d-from-memory'),
    next: usual
      ? undefined
      : {
          say:
            plan.rate < USUAL_RATES.low
              ? tell('air.cut-loss-larger-filter-fewer-fittings')
              : tell('air.ducts-may-be-made-smaller-check'),
        },
    miss: 1,
  };
}

/** Old runs that carry this share of the system's air carry it (design default). */
const RUNS_CARRY = 0.95;

/** The longest way, and what the runs that hang there carry together. */
function pathChecks(a: AirSheet, plan: AirPlan): Finding[] {
  const out: Finding[] = [];
  if (plan.path)
    out.push({
      id: 'path',
      // A way without a single fitting was not walked.
      verdict: a.path?.fittings.length ? 'good' : 'not-proven',
      claim: tell('air.longest-way-counts-as', { total: q(plan.path.totalFt, 'ft') }),
      because: tell('air.straight-and-fittings', {
        straight: q(plan.path.straightFt, 'ft'),
        fittings: q(plan.path.fittingsFt, 'ft'),
      }),
      source: tell('air.loss-coefficients-handbook-rounded'),
      ...(a.path?.fittings.length ? {} : { next: { say: tell('air.count-every-fitting-on-it') } }),
    });
  if (plan.runsCfm !== undefined) {
    const short = a.trunkExistingIn === null && a.trunk.length === 0 && plan.runsCfm < RUNS_CARRY * plan.systemCfm;
    out.push({
      id: 'old-runs',
      verdict: short ? 'look-again' : 'good',
      claim: tell('air.runs-carry-together', {
        count: a.plenum.filter((b) => b.existingIn !== null).length,
        cfm: q(plan.runsCfm, 'cfm'),
        tons: q(plan.runsCfm / a.cfmPerTon, 'tons'),
      }),
      because: tell('air.each-at-usual-friction-as-slack-as-it-hangs', {
        usual: q(USUAL_FRICTION, 'inWc100', 'as is'),
      }),
      source: tell('air.ashrae-friction-from-memory'),
      ...(short ? { next: { say: tell('air.pull-flex-taut-add-runs-or-smaller') } } : {}),
      miss: short ? plan.systemCfm / plan.runsCfm : 0,
    });
  }
  return out;
}

function ductChecks(a: AirSheet, plan: AirPlan): Finding[] {
  if (plan.plenum.length + plan.trunk.length === 0) {
    return [
      {
        id: 'ducts',
        verdict: 'not-proven',
        claim: tell('air.no-branch-entered'),
        because: tell('air.trunk-is-sized-for-what-is'),
        source: tell('air.conservation-of-flow'),
        next: { say: tell('air.list-runs-off-plenum-and-off') },
      },
    ];
  }
  const out: Finding[] = [];
  for (const b of [...plan.plenum, ...plan.trunk]) {
    if (b.short)
      out.push({
        id: `branch-${b.id}`,
        verdict: 'look-again',
        claim: tell('air.is-too-small-for', {
          name: b.name,
          sizeIn: q(b.sizeIn, 'in', 'as is'),
          cfm: q(b.cfm, 'cfm', 'as is'),
        }),
        because: tell('air.wanted-at', {
          wantedIn: q(b.wantedIn, 'in'),
          rate: q(plan.rate, 'inWc100', 3),
          kind: b.kind === 'flex' ? tell('air.slack', { slackPct: q(b.slackPct, 'pct', 'as is') }) : '',
        }),
        source: tell('air.ashrae-friction-from-memory'),
        next: {
          say:
            b.slackPct > 10
              ? tell('air.pull-flex-taut-first-then-resize', { name: b.name })
              : tell('air.resize-to-in-or-add-run', { name: b.name, wantedIn: tradeDiameter(b.wantedIn) ?? 60 }),
        },
        miss: b.wantedIn / b.sizeIn,
      });
    else if (b.fpm > BRANCH_FPM)
      out.push({
        id: `branch-${b.id}`,
        verdict: 'look-again',
        claim: tell('air.will-be-heard', { name: b.name, fpm: q(b.fpm, 'fpm') }),
        because: tell('air.branches-to', { branchFpm: q(BRANCH_FPM, 'fpm', 'as is') }),
        source: tell('air.common-practice'),
        next: { say: tell('air.one-size-larger') },
        miss: b.fpm / BRANCH_FPM,
      });
  }
  plan.sections.forEach((s, k) => {
    if (s.short)
      out.push({
        id: `trunk-${k}`,
        verdict: 'look-again',
        claim: tell('air.trunk-is-too-small-for', { sizeIn: q(s.sizeIn, 'in', 'as is'), cfm: q(s.cfm, 'cfm') }),
        because: tell('air.wanted', {
          wantedIn: q(s.wantedIn, 'in'),
          ductTons:
            plan.ductTons === undefined ? '' : tell('air.what-is-there-serves', { ductTons: q(plan.ductTons, 'tons') }),
        }),
        source: tell('air.ashrae-friction-from-memory'),
        next: { say: tell('air.resize-trunk-add-second-one-or') },
        miss: 3 + s.wantedIn / s.sizeIn,
      });
    else if (s.fpm > TRUNK_FPM)
      out.push({
        id: `trunk-${k}`,
        verdict: 'look-again',
        claim: tell('air.trunk-section', { k: k + 1, fpm: q(s.fpm, 'fpm') }),
        because: tell('air.trunks-to-in-house', { trunkFpm: q(TRUNK_FPM, 'fpm', 'as is') }),
        source: tell('air.common-practice'),
        next: { say: tell('air.one-size-larger-if-it-is') },
        miss: s.fpm / TRUNK_FPM,
      });
  });
  if (plan.ductTons !== undefined && plan.ductTons + 0.05 < a.tons && !out.some((c) => c.id === 'trunk-0')) {
    out.push({
      id: 'duct-tons',
      verdict: 'look-again',
      claim: tell('air.ducts-serve-not', { ductTons: q(plan.ductTons, 'tons'), tons: a.tons }),
      because: tell('air.larger-system-on-small-ducts-is'),
      source: tell('air.ashrae-friction-from-memory'),
      next: { say: tell('air.add-duct-work-to-scope-or') },
      miss: 5,
    });
  }
  if (out.length === 0)
    out.push({
      id: 'ducts',
      verdict: 'good',
      claim: tell('air.every-duct-carries-its-air'),
      because: tell('air.sized-at-for-what-is-still', { rate: q(plan.rate, 'inWc100', 3) }),
      source: tell('air.ashrae-friction-from-memory'),
    });
  return out;
}

function returnChecks(a: AirSheet, plan: AirPlan): Finding[] {
  if (a.returns.length === 0)
    return [
      {
        id: 'return',
        verdict: 'not-proven',
        claim: tell('air.no-return-measured'),
        because: tell('air.air-that-cannot-come-back-cannot'),
        source: tell('air.common-practice'),
        next: { say: tell('air.measure-every-return-grille') },
      },
    ];
  const short = plan.freeIn2 - plan.haveFreeIn2;
  const out: Finding[] = [
    {
      id: 'return',
      verdict: short > 0 ? 'look-again' : 'good',
      claim:
        short > 0
          ? tell('air.return-is-of-free-area-short', { short: q(short, 'in2') })
          : tell('air.return-free-needed', {
              haveFreeIn2: q(plan.haveFreeIn2, 'in2'),
              freeIn2: q(plan.freeIn2, 'number', 0),
            }),
      because: tell('air.for-144-ton-at-400', { freeIn2: q(plan.freeIn2, 'in2'), systemCfm: q(plan.systemCfm, 'cfm') }),
      source: tell('air.common-practice-free-area-from-grilles'),
      next: short > 0 ? { say: tell('air.add-return-or-larger-grille') } : undefined,
      miss: Math.max(0, short / plan.freeIn2) * 5,
    },
  ];
  if (plan.filterFpm === undefined) {
    out.push({
      id: 'filter',
      verdict: 'not-proven',
      claim: tell('air.no-filter-measured'),
      because: tell('air.coil-will-catch-what-no-filter'),
      source: tell('air.common-practice'),
      next: { say: tell('air.find-filter-or-plan-media-cabinet') },
    });
  } else {
    const fast = plan.filterFpm > FILTER_FPM;
    out.push({
      id: 'filter',
      verdict: fast ? 'look-again' : 'good',
      claim: tell('air.filter-face', { filterFpm: q(plan.filterFpm, 'fpm'), fast: fast ? tell('air.too-fast') : '' }),
      because: tell('air.at-most-for-this-flow-free', {
        filterFpm: q(FILTER_FPM, 'fpm', 'as is'),
        filterIn2: q(plan.filterIn2, 'in2'),
      }),
      source: tell('air.acca-manual-d-from-memory'),
      next: fast ? { say: tell('air.two-filter-grilles-or-media-cabinet') } : undefined,
      miss: plan.filterFpm / FILTER_FPM,
    });
  }
  return out;
}

function zoneChecks(a: AirSheet, plan: AirPlan): Finding[] {
  const z = a.zoning;
  if (!z) return [];
  const least = zoneMinimum({
    minZoneCfm: z.smallestZoneCfm,
    nominalCfm: plan.systemCfm,
    equipmentMinCfm: z.equipmentMinCfm ?? undefined,
  });
  if (!least.ok)
    return [
      {
        id: 'zones',
        verdict: 'not-proven',
        claim: least.refused.message,
        because: tell('air.least-air-of-machine-is-not'),
        source: tell('air.flow-arithmetic'),
        next: { say: tell('air.allowed', { allowed: least.refused.allowed }) },
      },
    ];
  const { ratio, holds, equipmentMinCfm, excessCfm } = least.value;
  const out: Finding[] = [
    {
      id: 'zones',
      verdict: holds ? 'good' : 'look-again',
      claim: holds
        ? tell('air.smallest-zone-takes-times-least-air', { ratio: q(ratio, 'number', 2) })
        : tell('air.smallest-zone-takes-only-of-least', { ratio: q(ratio * 100, 'pct') }),
      because: tell('air.against-has-nowhere-to-go', {
        smallestZoneCfm: q(z.smallestZoneCfm, 'cfm', 'as is'),
        equipmentMinCfm: q(equipmentMinCfm, 'cfm'),
        equipmentMinCfm2: z.equipmentMinCfm === null ? tell('air.single-stage-85-of-nominal') : '',
        excessCfm: q(excessCfm, 'cfm'),
      }),
      source: tell('air.flow-arithmetic-85-is-design-default'),
      next: holds ? undefined : { say: tell('air.variable-speed-equipment-larger-smallest-zone') },
      miss: 1 / ratio,
    },
  ];
  const bypass =
    z.bypassShare > 0
      ? zoneBypass({ returnF: z.returnF, coilDropF: z.coilDropF, bypassShare: z.bypassShare })
      : undefined;
  if (bypass?.ok) {
    const { coilInF, coilOutF, state } = bypass.value;
    out.push({
      id: 'bypass',
      verdict: state === 'freeze' ? 'stop' : state === 'too cold' ? 'look-again' : 'good',
      claim:
        state === 'freeze'
          ? tell('air.with-this-bypass-coil-freezes-off', { coilOutF: q(coilOutF, 'F', 0) })
          : tell('air.bypass-on-coil-off-it', { coilInF: q(coilInF, 'F'), coilOutF: q(coilOutF, 'F') }),
      because: tell('air.bypass-hides-missing-zone-it-does'),
      source: tell('air.mixing-of-air-streams'),
      next: state === 'holds' ? undefined : { say: tell('air.close-bypass-and-solve-smallest-zone') },
      miss: 50 - coilOutF,
    });
  }
  return out;
}
