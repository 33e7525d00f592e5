import { expectedIn } from '@/core/controls/expected';
import { READS } from '@/core/phases/checks/ask';
import type { EntryKind } from '@/core/phases/log/entries';
import { newPieces } from '@/core/phases/scope/view';
import { WIRE_ASKS } from '@/core/phases/wire/asks';
import { startsSoftly, wireList } from '@/core/phases/wire/list';
import { circuitPlates } from '@/core/phases/wire/power';
import { trialsOwed } from '@/core/phases/wire/proofs';
import { sourcesFor } from '@/core/phases/wire/safe';
import { statFor } from '@/core/phases/wire/thermostat';
import { planFor, type WireSheet, wiringOf } from '@/core/phases/wire/wiring';
import { pairsOf, SIDES } from '@/core/power/isolation';
import { USUAL_BEFORE, usualAfter } from '@/core/power/starter-nodes';

export type Written = { kind: EntryKind; body: Record<string, unknown> };

/** Supply that a plate takes, V. */
const SUPPLY_V: Readonly<Record<string, number>> = { '120': 120, '208': 208, '208/230': 240, '240': 240, '460': 466 };
const MORE_THAN_ENOUGH_A = 100;

/** Circuits read and found to fit their plates. */
export const goodCircuits = (sheet: WireSheet): Written[] =>
  circuitPlates(sheet).map(({ which, mcaA, mocpA, volts, phases }) => ({
    kind: 'power-circuit',
    body: {
      which,
      mcaA: mcaA ?? 9,
      mocpA: mocpA ?? 15,
      ocpd: 'breaker',
      ocpdA: mocpA ?? 15,
      fusesOnly: false,
      awg: '4',
      insulationC: '90',
      terminationC: '75',
      cable: 'conduit',
      ambientF: 86,
      currentCarrying: phases === 3 ? 3 : 2,
      lengthFt: 30,
      groundAwg: '8',
      disconnectA: MORE_THAN_ENOUGH_A,
      supplyV: SUPPLY_V[volts] ?? 240,
      supply2V: phases === 3 ? (SUPPLY_V[volts] ?? 240) : null,
      supply3V: phases === 3 ? (SUPPLY_V[volts] ?? 240) : null,
    },
  }));

/** Every source listed, opened, waited for, read dead between two proofs of the meter. */
export function goodIsolation(sheet: WireSheet): Written[] {
  const list = sourcesFor(sheet);
  const plates = circuitPlates(sheet);
  const step = (which: string, name: string, volts: number | null = null): Written => ({
    kind: 'isolation-step',
    body: { which, step: name, volts, microfarads: null, meter: null },
  });
  if (list.length === 0) return [];
  return [
    { kind: 'sources', body: { list } },
    ...list.flatMap((which) => [
      step(which, 'opened and locked'),
      step(which, 'waited'),
      step(which, 'live before', 238),
      ...SIDES.flatMap((side) =>
        pairsOf(plates.find((p) => p.which === which)?.phases ?? 1).map(
          (pair): Written => ({ kind: 'dead-reading', body: { which, pair, side, volts: 0.2 } }),
        ),
      ),
      step(which, 'live after', 238),
    ]),
  ];
}

/** The plan confirmed with its valve read, conductors counted; every call and safety seen as it must be. */
export function goodControls(sheet: WireSheet): Written[] {
  const plan = { ...planFor(sheet), statWires: 8, outdoorWires: 8, transformerVa: 60 };
  const body = { ...plan, valve: plan.heatPump ? ('O' as const) : null };
  const wiring = wiringOf({
    ...sheet,
    systemLog: [
      ...sheet.systemLog,
      {
        id: 'plan',
        circuitId: '',
        phase: 'wire',
        source: 'typed',
        supersedesId: null,
        by: '',
        at: '',
        kind: 'wiring-plan',
        body,
      },
    ],
  });
  return [
    { kind: 'wiring-plan', body },
    ...trialsOwed(wiring).map(
      (trial): Written => ({
        kind: 'control-proof',
        body: { ...trial, seen: expectedIn(wiring.healthy, trial), simulated: false },
      }),
    ),
  ];
}

/** Thermostat set and read back, blower and boards set for this size. */
export function goodSheets(sheet: WireSheet): Written[] {
  const wiring = wiringOf(sheet);
  const stat = statFor(sheet, wiring);
  const tons = newPieces(sheet).outdoor?.tons ?? 3;
  return [
    { kind: 'thermostat-set', body: { ...stat } },
    { kind: 'thermostat-read', body: { ...stat } },
    {
      kind: 'blower-board',
      body: {
        how: 'switches',
        setting: 'switches 1 and 3 on',
        setForTons: tons,
        coolCfm: Math.round(400 * tons),
        lowCoolCfm: null,
        heatCfm: Math.round(400 * tons),
        fanCfm: null,
        crankcaseW: 70,
        crankcaseA: 0.29,
        crankcaseV: 240,
        defrostMin: 60,
        defrostEndF: 65,
        delay: true,
      },
    },
    ...(startsSoftly(sheet) ? goodStarter(sheet) : []),
  ];
}

function goodStarter(sheet: WireSheet): Written[] {
  const lraA = newPieces(sheet).outdoor?.lraA ?? 80;
  return [
    {
      kind: 'soft-starter',
      body: {
        model: 'Slowlatch 32',
        maxRlaA: 32,
        maxLraA: 160,
        rlaA: null,
        lraA,
        interrupts: 'run',
        crOhms: null,
        csOhms: null,
        rsOhms: null,
        builtInStart: true,
        makerAllows: true,
        learningStarts: 5,
        otherKva: null,
      },
    },
    { kind: 'starter-wiring', body: { when: 'before', joints: USUAL_BEFORE } },
    { kind: 'starter-wiring', body: { when: 'after', joints: usualAfter('run') } },
  ];
}

/** Every look at the wiring as it is asked. */
export const goodChecks = (sheet: WireSheet): Written[] =>
  wireList(sheet, wiringOf(sheet)).map(({ id }) => ({
    kind: 'wire-check',
    body: { check: id, answer: 'yes', ...(WIRE_ASKS[id].by in READS ? { reading: 1 } : {}) },
  }));
