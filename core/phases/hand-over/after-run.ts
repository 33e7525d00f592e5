import { drierDrop } from '@/core/circuit/join/drier-drop';
import type { Finding } from '@/core/finding/finding';
import { tell } from '@/core/phases/hand-over/words';
import { drierIn } from '@/core/phases/join/drier-check';
import { type CircuitEntry, type EntryOf, entriesAfter, latestOf } from '@/core/phases/log/circuit-log';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { q } from '@/core/words/said';

/** A suction drier that costs more than this is replaced or taken out (common practice), psi. */
export const SUCTION_DROP_PSI = 3;
/** A liquid drier colder at its outlet by more than this is restricted (common practice), °F. */
const LIQUID_DROP_F = 3;
/** The return visit falls between these (common practice), h. */
const RETURN_H = tell('join.24-to-72-h');
const COMMON = tell('join.common-practice');

export type AfterRunContext = {
  refrigerant: Refrigerant;
  /** School: a clean suction drier comes out, or may stay. */
  takeOut: boolean;
};

/** What driers and the moisture indicator show once the system has run, and whether someone has to come back. */
export function afterRunOf(log: readonly CircuitEntry[], context: AfterRunContext): Finding[] {
  const suction = suctionCheck(log, context);
  const moisture = latestOf(log, 'moisture-indicator');
  const liquid = latestOf(log, 'liquid-drier-drop');
  return [
    ...(suction ? [suction] : []),
    ...(moisture ? [moistureCheck(moisture)] : []),
    ...(liquid ? [liquidCheck(liquid)] : []),
  ];
}

function suctionCheck(log: readonly CircuitEntry[], { refrigerant, takeOut }: AfterRunContext): Finding | undefined {
  const drier = drierIn(log, 'suction');
  if (!drier) return undefined;
  const base = {
    id: 'suction-drier-visit',
    source: tell('join.makers-clean-up-instructions-come-first', { common: COMMON }),
  };
  const visit = entriesAfter(log, drier)
    .filter((e): e is EntryOf<'suction-drier-visit'> => e.kind === 'suction-drier-visit')
    .at(-1);
  const comeBack = tell('join.come-back-after-measure-across-it', { returnH: RETURN_H });
  if (!visit)
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('join.suction-drier-is-in-and-nobody'),
      because: tell('join.it-was-put-in-to-be'),
      next: { say: tell('join.measure-its-drop-at-start-up', { comeBack }) },
    };
  const { dropPsi, acid, outcome } = visit.body;
  const loss = drierDrop({ refrigerant, dropPsi });
  const costs = tell('join.across-it', {
    dropPsi: q(dropPsi, 'psi'),
    ok: loss.ok ? tell('join.of-evaporating-temperature', { saturationLossF: q(loss.value.saturationLossF, 'F') }) : '',
  });
  if (outcome === 'taken out') {
    const clean = acid === 'clean';
    return {
      ...base,
      verdict: clean ? 'good' : 'look-again',
      claim: clean ? tell('join.acid-test-clean-suction-drier-is') : tell('join.suction-drier-came-out-without-clean'),
      because: costs,
      ...(clean ? {} : { next: { say: tell('join.test-oil-for-acid-with-acid') } }),
    };
  }
  if (outcome === 'replaced')
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('join.fresh-suction-drier-is-in'),
      because: costs,
      next: { say: comeBack },
    };
  if (acid === 'acid')
    return {
      ...base,
      verdict: 'look-again',
      claim: tell('join.there-is-still-acid-in-oil'),
      because: costs,
      next: { say: dropPsi > SUCTION_DROP_PSI ? tell('join.replace-suction-drier-run-on-test') : comeBack },
      miss: 2,
    };
  if (acid === 'not tested')
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('join.oil-was-not-tested-for-acid'),
      because: costs,
      next: { say: comeBack },
    };
  const heavy = dropPsi > SUCTION_DROP_PSI;
  return {
    ...base,
    verdict: takeOut || heavy ? 'look-again' : 'good',
    claim:
      takeOut || heavy ? tell('join.oil-is-clean-suction-drier-comes') : tell('join.oil-is-clean-suction-drier-stays'),
    because: tell('join.is-most-it-may-cost', { costs, suctionDropPsi: q(SUCTION_DROP_PSI, 'psi', 'as is') }),
    ...(takeOut || heavy ? { next: { say: tell('join.take-it-out-evacuate-weigh-in') } } : {}),
    miss: dropPsi / SUCTION_DROP_PSI,
  };
}

function moistureCheck({ body, by }: EntryOf<'moisture-indicator'>): Finding {
  const base = { id: 'moisture-indicator', source: tell('join.colour-key-on-indicator-common-practice') };
  if (body.colour === 'dry')
    return {
      ...base,
      verdict: 'good',
      claim: tell('join.moisture-indicator-shows-dry'),
      because: tell('join.read-by-after-steady-run', { by }),
    };
  return {
    ...base,
    verdict: 'look-again',
    claim:
      body.colour === 'wet'
        ? tell('join.moisture-indicator-shows-wet')
        : tell('join.moisture-indicator-is-between-dry-and'),
    because: tell('join.it-follows-liquid-slowly-and-reads'),
    next: {
      say:
        body.colour === 'wet'
          ? tell('join.change-drier-evacuate-again-weigh-in')
          : tell('join.run-for-few-hours-and-read'),
    },
    miss: body.colour === 'wet' ? 2 : 0.5,
  };
}

function liquidCheck({ body }: EntryOf<'liquid-drier-drop'>): Finding {
  const dropF = body.inF - body.outF;
  const restricted = dropF > LIQUID_DROP_F;
  return {
    id: 'liquid-drier-drop',
    verdict: restricted ? 'look-again' : 'good',
    claim: tell('join.across-liquid-drier', { dropF: q(dropF, 'F') }),
    because: tell('join.liquid-that-cools-in-drier-flashes', { liquidDropF: q(LIQUID_DROP_F, 'F', 'as is') }),
    source: COMMON,
    ...(restricted
      ? { next: { say: tell('join.change-drier-before-charge-is-judged') }, miss: dropF / LIQUID_DROP_F }
      : {}),
  };
}
