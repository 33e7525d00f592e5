import { type CircuitEntry, type EntryOf, entriesAfter, entriesOf, latestOf } from '@/core/circuit/log/circuit-log';
import type { Finding } from '@/core/finding/finding';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { drierDrop } from './drier-drop';

/** A suction drier that costs more than this is replaced or taken out (common practice), psi. */
export const SUCTION_DROP_PSI = 3;
/** A liquid drier colder at its outlet by more than this is restricted (common practice), °F. */
const LIQUID_DROP_F = 3;
/** The return visit falls between these (common practice), h. */
const RETURN_H = '24 to 72 h';
const COMMON = 'common practice';

/** The newest drier of a line; a later one in the same line stands for it. */
export const drierIn = (log: readonly CircuitEntry[], line: 'liquid' | 'suction'): EntryOf<'drier'> | undefined =>
  entriesOf(log, 'drier')
    .filter((d) => d.body.line === line)
    .at(-1);

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
  const base = { id: 'suction-drier-visit', source: `${COMMON}; the maker’s clean-up instructions come first` };
  const visit = entriesAfter(log, drier)
    .filter((e): e is EntryOf<'suction-drier-visit'> => e.kind === 'suction-drier-visit')
    .at(-1);
  const comeBack = `Come back after ${RETURN_H}: measure across it again and test the oil for acid.`;
  if (!visit)
    return {
      ...base,
      verdict: 'not-proven',
      claim: 'A suction drier is in, and nobody has measured across it.',
      because: 'It was put in to be taken out: forgotten, it costs capacity for years.',
      next: { say: `Measure its drop at start-up. ${comeBack}` },
    };
  const { dropPsi, acid, outcome } = visit.body;
  const loss = drierDrop({ refrigerant, dropPsi });
  const costs = `${dropPsi.toFixed(1)} psi across it${loss.ok ? `, ${loss.value.saturationLossF.toFixed(1)} °F of evaporating temperature` : ''}`;
  if (outcome === 'taken out') {
    const clean = acid === 'clean';
    return {
      ...base,
      verdict: clean ? 'good' : 'look-again',
      claim: clean
        ? 'Acid test clean, the suction drier is out.'
        : 'The suction drier came out without a clean acid test.',
      because: costs,
      ...(clean ? {} : { next: { say: 'Test the oil for acid; with acid a fresh drier goes in.' } }),
    };
  }
  if (outcome === 'replaced')
    return {
      ...base,
      verdict: 'not-proven',
      claim: 'A fresh suction drier is in.',
      because: costs,
      next: { say: comeBack },
    };
  if (acid === 'acid')
    return {
      ...base,
      verdict: 'look-again',
      claim: 'There is still acid in the oil.',
      because: costs,
      next: { say: dropPsi > SUCTION_DROP_PSI ? 'Replace the suction drier, run on, test again.' : comeBack },
      miss: 2,
    };
  if (acid === 'not tested')
    return {
      ...base,
      verdict: 'not-proven',
      claim: 'The oil was not tested for acid.',
      because: costs,
      next: { say: comeBack },
    };
  const heavy = dropPsi > SUCTION_DROP_PSI;
  return {
    ...base,
    verdict: takeOut || heavy ? 'look-again' : 'good',
    claim:
      takeOut || heavy
        ? 'The oil is clean: the suction drier comes out.'
        : 'The oil is clean; the suction drier stays, by school.',
    because: `${costs}; ${SUCTION_DROP_PSI} psi is the most it may cost.`,
    ...(takeOut || heavy ? { next: { say: 'Take it out, evacuate, weigh in again.' } } : {}),
    miss: dropPsi / SUCTION_DROP_PSI,
  };
}

function moistureCheck({ body, by }: EntryOf<'moisture-indicator'>): Finding {
  const base = { id: 'moisture-indicator', source: 'colour key on the indicator; common practice' };
  if (body.colour === 'dry')
    return {
      ...base,
      verdict: 'good',
      claim: 'The moisture indicator shows dry.',
      because: `Read by ${by} after a steady run.`,
    };
  return {
    ...base,
    verdict: 'look-again',
    claim:
      body.colour === 'wet' ? 'The moisture indicator shows wet.' : 'The moisture indicator is between dry and wet.',
    because: 'It follows the liquid slowly, and reads wet when it is hot.',
    next: {
      say:
        body.colour === 'wet'
          ? 'Change the drier, evacuate again, weigh in again.'
          : 'Run for a few hours and read it again.',
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
    claim: `${dropF.toFixed(1)} °F across the liquid drier.`,
    because: `Liquid that cools in a drier flashes there; beyond ${LIQUID_DROP_F} °F it is restricted.`,
    source: COMMON,
    ...(restricted
      ? { next: { say: 'Change the drier before the charge is judged.' }, miss: dropF / LIQUID_DROP_F }
      : {}),
  };
}
