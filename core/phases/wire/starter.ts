import type { LibraryItem } from '@/core/equipment/library-item';
import { acceptedVolts } from '@/core/equipment/plate-volts';
import { advise, type Finding } from '@/core/finding/finding';
import { WIRE_FINDING } from '@/core/job/acceptance';
import { entriesOf, latestOf } from '@/core/phases/log/circuit-log';
import type { EntryBody } from '@/core/phases/log/entries';
import { newPieces } from '@/core/phases/scope/view';
import { chooseStarter, starterRefused } from '@/core/power/soft-starter';
import {
  faultsAfter,
  faultsBefore,
  type Interrupts,
  NODE_FAULT_WORDS,
  windingsAgree,
} from '@/core/power/starter-nodes';
import { q } from '@/core/words/said';
import { circuitPlates } from './power';
import { COMMON, MAKER, open } from './sheet-parts';
import type { WireSheet } from './wiring';
import { tell } from './words';

/** A soft starter before it ever runs: whether one goes on, its ratings, where each of its leads is. */
export function starterFindings(sheet: WireSheet): Finding[] {
  const b = latestOf(sheet.systemLog, 'soft-starter')?.body;
  if (!b) return [open('starter', tell('wire.starter-is-not-written'), tell('wire.write-the-starter'), MAKER)];
  const { outdoor } = newPieces(sheet);
  const plate = circuitPlates(sheet).find((c) => c.which === 'outdoor');
  const rlaA = b.rlaA ?? outdoor?.rlaA ?? undefined;
  const lraA = lraOf(sheet);
  const base = { source: MAKER, because: tell('wire.ratings-of-the-starters-maker') };
  const refused = starterRefused({
    phases: plate?.phases ?? 1,
    stages: outdoor?.stages ?? 'single',
    volts: 0,
    rlaA: rlaA ?? 0,
    lraA: lraA ?? 0,
    makerForbids: !b.makerAllows,
  });
  if (refused)
    return [
      {
        ...base,
        id: `${WIRE_FINDING}starter:fits`,
        verdict: 'stop',
        claim: tell('wire.sentence', { claim: refused }),
        next: advise(tell('wire.take-the-starter-off')),
      },
    ];
  const small = (rlaA ?? 0) > b.maxRlaA || (lraA ?? 0) > b.maxLraA;
  const unread = rlaA === undefined || lraA === undefined;
  const said = { rlaA: q(rlaA, 'A', 'as is'), lraA: q(lraA, 'A', 'as is') };
  const fits: Finding = {
    ...base,
    id: `${WIRE_FINDING}starter:fits`,
    verdict: unread ? 'not-proven' : small ? 'stop' : 'good',
    claim: tell(unread ? 'wire.plate-has-no-lra' : small ? 'wire.starter-too-small' : 'wire.starter-carries', said),
    ...(small ? { next: advise(tell('wire.next-larger-starter')), miss: 1 } : {}),
  };
  return [fits, ...windings(b), ...wiringFindings(sheet, b.interrupts)];
}

/** The compressor's circuit as it was drawn before, and with the starter in it, by the roles of its terminals. */
function wiringFindings(sheet: WireSheet, interrupts: Interrupts): Finding[] {
  const drawn = entriesOf(sheet.systemLog, 'starter-wiring');
  return (['before', 'after'] as const).map((when): Finding => {
    const joints = drawn.findLast((d) => d.body.when === when)?.body.joints;
    const before = when === 'before';
    if (!joints)
      return open(
        `starter:${when}`,
        tell(before ? 'wire.not-drawn-before' : 'wire.not-drawn-after'),
        tell('wire.draw-it-from-its-diagram'),
        MAKER,
      );
    const [fault] = before ? faultsBefore(joints) : faultsAfter(joints, interrupts);
    return {
      id: `${WIRE_FINDING}starter:${when}`,
      verdict: fault ? 'stop' : 'good',
      claim: fault
        ? NODE_FAULT_WORDS[fault]
        : tell(before ? 'wire.circuit-before-is-right' : 'wire.circuit-after-is-right'),
      because: tell('wire.roles-never-colors'),
      source: MAKER,
      ...(fault ? { miss: 1, next: advise(tell('wire.wire-it-by-its-drawing')) } : {}),
    };
  });
}

function windings({ crOhms, csOhms, rsOhms }: EntryBody<'soft-starter'>): Finding[] {
  if (crOhms == null || csOhms == null || rsOhms == null) return [];
  const agree = windingsAgree({ crOhms, csOhms, rsOhms });
  return [
    {
      id: `${WIRE_FINDING}starter:windings`,
      verdict: agree ? 'good' : 'stop',
      claim: tell(agree ? 'wire.windings-agree' : 'wire.windings-do-not-agree'),
      because: tell('wire.rs-is-cr-and-cs'),
      source: COMMON,
      ...(agree ? {} : { miss: 1, next: advise(tell('wire.measure-the-windings-again')) }),
    },
  ];
}

/** The smallest starter of the company's table that carries this compressor; undefined where its plate or the table does not say. */
export function starterFor(sheet: WireSheet, items: readonly LibraryItem[]): LibraryItem | undefined {
  const { outdoor } = newPieces(sheet);
  const plate = circuitPlates(sheet).find((c) => c.which === 'outdoor');
  const lraA = lraOf(sheet);
  if (!outdoor?.rlaA || !lraA || !plate) return undefined;
  const table = items.filter((i) => i.kind === 'soft-starter' && i.rlaA && i.lraA);
  const chosen = chooseStarter(
    table.map((i) => ({
      model: i.model,
      maxRlaA: i.rlaA!,
      maxLraA: i.lraA!,
      volts: acceptedVolts(i.volts).low,
      phase: i.phases === '3' ? 3 : 1,
      builtInStart: false,
    })),
    {
      phases: plate.phases,
      stages: outdoor.stages,
      volts: acceptedVolts(plate.volts).low,
      rlaA: outdoor.rlaA,
      lraA,
      makerForbids: false,
    },
  );
  return table.find((i) => i.model === chosen?.model);
}

/** Locked-rotor amps of the compressor: as read off it, else as the library has them. */
export function lraOf(sheet: WireSheet): number | undefined {
  const read = latestOf(sheet.systemLog, 'soft-starter')?.body.lraA;
  return read ?? newPieces(sheet).outdoor?.lraA ?? undefined;
}
