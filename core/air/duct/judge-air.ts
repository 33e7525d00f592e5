import type { Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
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
          ? `${plan.unassignedCfm.toFixed(0)} CFM has no branch.`
          : `The branches ask for ${(-plan.unassignedCfm).toFixed(0)} CFM more than the system moves.`,
      because: `${plan.systemCfm.toFixed(0)} CFM at ${a.cfmPerTon} CFM a ton.`,
      source: 'conservation of flow',
      next: { say: 'Add the missing branch or change its CFM.' },
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
      because: `The ducts are sized at the usual ${USUAL_FRICTION} in. w.c. per 100 ft until the budget closes.`,
      source: 'ACCA Manual D, from memory',
      next: { say: `Lower the losses: allowed ${plan.budgetRefused.allowed}.` },
      miss: 10,
    };
  }
  const usual = plan.rate >= USUAL_RATES.low && plan.rate < USUAL_RATES.high;
  return {
    id: 'budget',
    verdict: usual ? 'good' : 'look-again',
    claim: `${(plan.availableInWc ?? 0).toFixed(2)} in. w.c. is left for the ducts: ${plan.rate.toFixed(3)} in. w.c. per 100 ft.`,
    because: `Usual: ${USUAL_RATES.low} to ${USUAL_RATES.high}. Does the fan table already count the wet coil or the filter?`,
    source: 'ACCA Manual D, from memory',
    next: usual
      ? undefined
      : {
          say:
            plan.rate < USUAL_RATES.low
              ? 'Cut a loss (larger filter, fewer fittings) or choose a stronger blower.'
              : 'Ducts may be made smaller; check the noise.',
        },
    miss: 1,
  };
}

function ductChecks(a: AirSheet, plan: AirPlan): Finding[] {
  if (plan.plenum.length + plan.trunk.length === 0) {
    return [
      {
        id: 'ducts',
        verdict: 'not-proven',
        claim: 'No branch entered.',
        because: 'The trunk is sized for what is still in it after the take-offs.',
        source: 'conservation of flow',
        next: { say: 'List the runs off the plenum and off the trunk with their CFM.' },
      },
    ];
  }
  const out: Finding[] = [];
  for (const b of [...plan.plenum, ...plan.trunk]) {
    if (b.short)
      out.push({
        id: `branch-${b.id}`,
        verdict: 'look-again',
        claim: `${b.name}: ${b.sizeIn} in is too small for ${b.cfm} CFM.`,
        because: `${b.wantedIn.toFixed(1)} in wanted at ${plan.rate.toFixed(3)} in. w.c. per 100 ft${b.kind === 'flex' ? `, ${b.slackPct} % slack` : ''}.`,
        source: 'ASHRAE friction, from memory',
        next: {
          say:
            b.slackPct > 10
              ? `${b.name}: pull the flex taut first, then resize.`
              : `${b.name}: resize to ${tradeDiameter(b.wantedIn) ?? 60} in or add a run.`,
        },
        miss: b.wantedIn / b.sizeIn,
      });
    else if (b.fpm > BRANCH_FPM)
      out.push({
        id: `branch-${b.id}`,
        verdict: 'look-again',
        claim: `${b.name}: ${b.fpm.toFixed(0)} fpm will be heard.`,
        because: `Branches to ${BRANCH_FPM} fpm.`,
        source: 'common practice',
        next: { say: 'One size larger.' },
        miss: b.fpm / BRANCH_FPM,
      });
  }
  plan.sections.forEach((s, k) => {
    if (s.short)
      out.push({
        id: `trunk-${k}`,
        verdict: 'look-again',
        claim: `The ${s.sizeIn} in trunk is too small for ${s.cfm.toFixed(0)} CFM.`,
        because: `${s.wantedIn.toFixed(1)} in wanted. ${plan.ductTons === undefined ? '' : `What is there serves ${plan.ductTons.toFixed(1)} tons.`}`,
        source: 'ASHRAE friction, from memory',
        next: { say: 'Resize the trunk, add a second one, or take a smaller system.' },
        miss: 3 + s.wantedIn / s.sizeIn,
      });
    else if (s.fpm > TRUNK_FPM)
      out.push({
        id: `trunk-${k}`,
        verdict: 'look-again',
        claim: `Trunk section ${k + 1}: ${s.fpm.toFixed(0)} fpm.`,
        because: `Trunks to ${TRUNK_FPM} fpm in a house.`,
        source: 'common practice',
        next: { say: 'One size larger if it is near rooms.' },
        miss: s.fpm / TRUNK_FPM,
      });
  });
  if (plan.ductTons !== undefined && plan.ductTons + 0.05 < a.tons && !out.some((c) => c.id === 'trunk-0')) {
    out.push({
      id: 'duct-tons',
      verdict: 'look-again',
      claim: `The ducts serve ${plan.ductTons.toFixed(1)} tons, not ${a.tons}.`,
      because: 'A larger system on small ducts is loud, short of air and dies early.',
      source: 'ASHRAE friction, from memory',
      next: { say: 'Add duct work to the scope or take a smaller unit.' },
      miss: 5,
    });
  }
  if (out.length === 0)
    out.push({
      id: 'ducts',
      verdict: 'good',
      claim: 'Every duct carries its air.',
      because: `Sized at ${plan.rate.toFixed(3)} in. w.c. per 100 ft for what is still in it.`,
      source: 'ASHRAE friction, from memory',
    });
  return out;
}

function returnChecks(a: AirSheet, plan: AirPlan): Finding[] {
  if (a.returns.length === 0)
    return [
      {
        id: 'return',
        verdict: 'not-proven',
        claim: 'No return measured.',
        because: 'Air that cannot come back cannot go out.',
        source: 'common practice',
        next: { say: 'Measure every return grille.' },
      },
    ];
  const short = plan.freeIn2 - plan.haveFreeIn2;
  const out: Finding[] = [
    {
      id: 'return',
      verdict: short > 0 ? 'look-again' : 'good',
      claim:
        short > 0
          ? `The return is ${short.toFixed(0)} in² of free area short.`
          : `Return: ${plan.haveFreeIn2.toFixed(0)} in² free, ${plan.freeIn2.toFixed(0)} needed.`,
      because: `${plan.freeIn2.toFixed(0)} in² for ${plan.systemCfm.toFixed(0)} CFM (144 a ton at 400).`,
      source: 'common practice; free area from the grille’s maker',
      next: short > 0 ? { say: 'Add a return or a larger grille.' } : undefined,
      miss: Math.max(0, short / plan.freeIn2) * 5,
    },
  ];
  if (plan.filterFpm === undefined) {
    out.push({
      id: 'filter',
      verdict: 'not-proven',
      claim: 'No filter measured.',
      because: 'The coil will catch what no filter does.',
      source: 'common practice',
      next: { say: 'Find the filter, or plan a media cabinet.' },
    });
  } else {
    const fast = plan.filterFpm > FILTER_FPM;
    out.push({
      id: 'filter',
      verdict: fast ? 'look-again' : 'good',
      claim: `Filter face ${plan.filterFpm.toFixed(0)} fpm${fast ? ': too fast' : ''}.`,
      because: `${FILTER_FPM} fpm at most: ${plan.filterIn2.toFixed(0)} in² for this flow. Free area alone passes filter grilles that are too small.`,
      source: 'ACCA Manual D, from memory',
      next: fast ? { say: 'Two filter grilles, or a media cabinet at the unit.' } : undefined,
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
        because: 'The least air of the machine is not usable.',
        source: 'flow arithmetic',
        next: { say: `Allowed: ${least.refused.allowed}.` },
      },
    ];
  const { ratio, holds, equipmentMinCfm, excessCfm } = least.value;
  const out: Finding[] = [
    {
      id: 'zones',
      verdict: holds ? 'good' : 'look-again',
      claim: holds
        ? `The smallest zone takes ${ratio.toFixed(2)} times the least air.`
        : `The smallest zone takes only ${(ratio * 100).toFixed(0)} % of the least air.`,
      because: `${z.smallestZoneCfm} CFM against ${equipmentMinCfm.toFixed(0)} CFM${z.equipmentMinCfm === null ? ' (single-stage, 85 % of nominal)' : ''}; ${excessCfm.toFixed(0)} CFM has nowhere to go.`,
      source: 'flow arithmetic; 85 % is a design default; the maker’s least air rules',
      next: holds ? undefined : { say: 'Variable-speed equipment, larger smallest zone, or take the zoning out.' },
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
          ? `With this bypass the coil freezes: ${coilOutF.toFixed(0)} °F off it.`
          : `Bypass: ${coilInF.toFixed(1)} °F on the coil, ${coilOutF.toFixed(1)} °F off it.`,
      because: 'A bypass hides the missing zone; it does not solve it.',
      source: 'mixing of air streams',
      next: state === 'holds' ? undefined : { say: 'Close the bypass and solve the smallest zone.' },
      miss: 50 - coilOutF,
    });
  }
  return out;
}
