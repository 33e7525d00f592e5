import { costOf, type Work } from '@/core/policy/prices';
import { list, lower, type Said } from '@/core/words/said';
import type { Disclosure } from './disclosure';
import { priceOf } from './item';
import type { ScopeInput } from './scope-input';
import { type FactKey, factSentence } from './survey/facts';
import { partsOf, traitsOf } from './survey/parts';
import { tell } from './words';

/** A part of the house that stays beside the new equipment. */
type Kept = { part: Said; facts: readonly FactKey[]; risk: Said; instead: Said; work: Work };

/**
 * Everything else that stays: ducts, disconnect, cable, drain, furnace. One sheet that the customer reads and signs once; each part
 * on it with what was found, its risk, and what a new one would cost.
 */
export function keptParts(i: ScopeInput, inScope: (id: string) => boolean): Disclosure | undefined {
  const kept = keptOf(i, inScope);
  if (kept.length === 0) return undefined;
  const told = (k: Kept): Said => {
    const found = k.facts
      .filter((f) => i.known[f] !== undefined && i.known[f] !== null)
      .map((f) => factSentence(f, i.known[f]!));
    return found.length
      ? tell('scope.part-found', { part: k.part, found: list(found, '; ') })
      : tell('scope.part-not-looked-at', { part: k.part });
  };
  return {
    id: 'rest',
    part: tell('scope.what-else-stays', { parts: list(kept.map((k) => lower(k.part))) }),
    ageYears: null,
    findings: kept.map(told),
    risks: kept.map((k) => k.risk),
    alternative: {
      say: tell('scope.all-of-them-new', { parts: list(kept.map((k) => k.instead)) }),
      price: kept.reduce((sum, k) => sum + priceOf(costOf(i.schools, k.work), i.schools.labourPerHour), 0),
    },
    warrantyExcludes: tell('scope.kept-parts-and-what-they-do'),
  };
}

function keptOf(i: ScopeInput, inScope: (id: string) => boolean): Kept[] {
  const parts = partsOf(i.known);
  if (!parts) return [];
  const out: Kept[] = [];
  const indoors = (['air-handler', 'coil', 'furnace', 'package'] as const).some((p) => parts.fresh.has(p));
  if (indoors && !inScope('duct-size'))
    out.push({
      part: tell('scope.part-ducts'),
      facts: ['ductKind', 'flexState', 'plenumState', 'staticInWc', 'trunkIn'],
      risk: tell('scope.risk-ducts'),
      instead: tell('scope.instead-ducts'),
      work: 'duct-size',
    });
  if (i.outdoor && i.choice.keepDisconnect && !inScope('disconnect'))
    out.push({
      part: tell('scope.part-disconnect'),
      facts: ['disconnectState', 'disconnectA'],
      risk: tell('scope.risk-disconnect'),
      instead: tell('scope.instead-disconnect'),
      work: 'disconnect',
    });
  if (!inScope('conductors') && !inScope('controls'))
    out.push({
      part: tell('scope.part-cable'),
      facts: ['conductors', 'statType'],
      risk: tell('scope.risk-cable'),
      instead: tell('scope.instead-cable'),
      work: 'conductors',
    });
  if (indoors && traitsOf(i.known).has('wet') && !inScope('drain'))
    out.push({
      part: tell('scope.part-drain'),
      facts: ['drainState', 'floatState', 'overFinished'],
      risk: tell('scope.risk-drain'),
      instead: tell('scope.instead-drain'),
      work: 'drain',
    });
  if (parts.there.has('furnace') && !parts.fresh.has('furnace'))
    out.push({
      part: tell('scope.part-furnace'),
      facts: ['fuel', 'sharedFlue'],
      risk: tell('scope.risk-furnace'),
      instead: tell('scope.instead-furnace'),
      work: 'set-furnace',
    });
  return out;
}
