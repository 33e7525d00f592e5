import type { EntryKind } from '@/core/circuit/log/entry-bodies';
import { ENTRY_TITLES } from '@/core/circuit/log/entry-words';
import { lbOz } from '@/core/circuit/weigh-in';
import { type Check, orderChecks } from '@/core/finding/check';
import type { NextMove, Verdict } from '@/core/finding/finding';
import type { judgeCharge } from '@/core/job/charge-sheet';
import { type Gate, passes } from '@/core/job/gates';
import type { EquippedSheet } from '@/core/job/sheet';
import type { ChargeLabel } from './charge-record';
import { keepsCircuitLog, sealedWhy } from './circuit-views';

/** What the one button of the charge does. */
export type ChargeAction =
  | { kind: 'go'; to: 'recover' | 'join' | 'evacuate' | 'start-up' }
  | { kind: 'close-valve' }
  | { kind: 'type-vacuum' }
  | { kind: 'write'; entry: EntryKind }
  | { kind: 'weigh-in' | 'recover'; oz: number }
  | { kind: 'sign' };

export type ChargeMove = {
  kind: Verdict | 'now';
  say: string;
  because: string;
  button?: { label: string; action: ChargeAction };
};

export type ChargeFacts = {
  sheet: EquippedSheet;
  judged: ReturnType<typeof judgeCharge>;
  gates: readonly Gate[];
  checks: readonly Check[];
  label: ChargeLabel;
  /** A weighing that goes on now. */
  live: { oz: number; leftOz: number; recovering: boolean; silent?: boolean } | undefined;
  /** Whether this person may sign. */
  lead: boolean;
};

/** What is asked for the weighing's sake only. */
const WEIGHING: ReadonlySet<string> = new Set(['cylinder', 'scale', 'pause']);

/** Which form answers a check of the record. */
const FORMS: Partial<Record<string, EntryKind>> = {
  cylinder: 'cylinder-used',
  room: 'room',
  scale: 'scale-drift',
  pause: 'resumed',
};

const held = (gates: readonly Gate[], id: string): Gate | undefined => gates.find((g) => g.id === id && !passes(g));

/** The next move of the charge: what goes on now, what the record asks first, then the judgement's own. */
export function chargeMove(f: ChargeFacts): ChargeMove {
  const signed = f.sheet.signOffs.find((s) => s.phase === 'charge');
  if (signed)
    return {
      kind: 'good',
      say: 'Charge signed. Go on to the start-up.',
      because: `${signed.by} signed ${lbOz(f.judged.state.inSystemOz)} in the system.`,
      button: { label: 'Go to start-up', action: { kind: 'go', to: 'start-up' } },
    };
  if (f.live?.silent)
    return {
      kind: 'stop',
      say: 'The scale gives no signal: close the cylinder valve now.',
      because: 'Nobody sees what goes in. Read the scale by hand and type both weights.',
      button: { label: 'The valve is closed', action: { kind: 'close-valve' } },
    };
  if (f.live)
    return {
      kind: 'now',
      say: f.live.recovering
        ? `Recovering: ${(-f.live.oz).toFixed(1)} oz so far.`
        : `Weighing in: ${f.live.oz.toFixed(1)} oz so far, ${f.live.leftOz.toFixed(1)} oz to go.`,
      because: 'Liquid into the high side, system off. Watch the scale; close the valve to stop early.',
      button: { label: 'Close the valve', action: { kind: 'close-valve' } },
    };
  // A scale or a cylinder that stops the work comes before a signature; what a lead let pass is not asked for again.
  const stop = orderChecks(f.checks).find((c) => c.verdict === 'stop');
  if (!stop && f.gates.every(passes)) return signMove(f);
  return recordMove(f) ?? fromJudgement(f, f.judged.next);
}

function signMove({ judged, gates, lead }: ChargeFacts): ChargeMove {
  const button = lead ? { button: { label: 'Sign the charge', action: { kind: 'sign' } } as const } : {};
  const past = gates.filter((g) => g.override && !g.holds);
  if (past.length === 0) {
    const { say, because, action } = judged.next;
    return action.kind === 'sign'
      ? { kind: 'good', say, because, ...button }
      : { kind: 'good', say: 'Sign the charge.', because: judged.finding.claim, ...button };
  }
  return {
    kind: 'now',
    say: `Sign the charge, with ${past.length === 1 ? 'one gate' : `${past.length} gates`} overridden.`,
    because: past.map((g) => `Without ${g.asks}: ${g.override!.reason} (${g.override!.by}).`).join(' '),
    ...button,
  };
}

/** What the record asks before refrigerant moves: each with the form, or the page, that answers it. */
function recordMove({ sheet, gates, checks }: ChargeFacts): ChargeMove | undefined {
  const toEvacuate = { label: 'Go to evacuate', action: { kind: 'go', to: 'evacuate' } } as const;
  const vacuum = held(gates, 'standing-vacuum');
  const kept = keepsCircuitLog(sheet) && !sealedWhy(sheet) && sheet.circuitLog.length > 0;
  if (vacuum && kept)
    return {
      kind: 'not-proven',
      say: 'No refrigerant before a passed standing-vacuum test.',
      because: vacuum.say,
      button: toEvacuate,
    };
  for (const [id, to, say] of [
    ['recover-signed', 'recover', 'Sign the recovery of the old unit first.'],
    ['join-signed', 'join', 'Sign the joining first.'],
  ] as const)
    if (held(gates, id))
      return {
        kind: 'not-proven',
        say,
        because: 'The new one comes sealed; what was done before it is still owed.',
        button: { label: `Go to ${to}`, action: { kind: 'go', to } },
      };
  if (held(gates, 'evacuate-signed'))
    return {
      kind: 'not-proven',
      say: 'Sign the evacuation first.',
      because: 'Its standing test is what the charge rests on.',
      button: toEvacuate,
    };
  if (held(gates, 'vacuum-broken'))
    return {
      kind: 'now',
      say: 'Break the vacuum with refrigerant to 1–5 psig; take the vacuum gauge off and cap it.',
      because: 'Close the gauge off first: pressure ruins it, and taken off in vacuum it lets air in.',
      button: { label: 'Vacuum broken', action: { kind: 'write', entry: 'vacuum-broken' } },
    };
  const past = (id: string): boolean => gates.some((g) => g.id === id && g.override !== undefined);
  const worst = orderChecks(checks).find(
    (c) =>
      c.verdict === 'stop' ||
      (c.verdict === 'not-proven' && !past(c.id) && !(past('weighed-charge') && WEIGHING.has(c.id))),
  );
  if (worst) {
    const form = FORMS[worst.id];
    return {
      kind: worst.verdict,
      say: worst.next ?? worst.claim,
      because: `${worst.claim} ${worst.because}`,
      ...(form ? { button: { label: ENTRY_TITLES[form], action: { kind: 'write', entry: form } } } : {}),
    };
  }
  return vacuum
    ? {
        kind: 'not-proven',
        say: 'Prove the vacuum first: record the standing test.',
        because: `No refrigerant before it. ${vacuum.say}.`,
        button: { label: 'Record the test', action: { kind: 'type-vacuum' } },
      }
    : undefined;
}

function fromJudgement({ judged, gates, label, lead }: ChargeFacts, move: NextMove): ChargeMove {
  const { say, because, action } = move;
  const weighingPast = gates.some((g) => g.id === 'weighed-charge' && g.override !== undefined);
  if ((action.kind === 'weigh-in' && !weighingPast) || action.kind === 'recover')
    return {
      kind: action.kind === 'recover' ? judged.finding.verdict : 'now',
      say,
      because,
      button: {
        label: `${action.kind === 'weigh-in' ? 'Weigh in' : 'Recover'} ${action.oz.toFixed(1)} oz`,
        action: { kind: action.kind, oz: action.oz },
      },
    };
  const barred = gates.find((g) => !passes(g));
  if (barred?.id === 'label')
    return {
      kind: 'now',
      say: `Mark the total at the unit: ${lbOz(label.totalOz)} of ${label.refrigerant}.`,
      because: `The next person charges by this label. ${barred.say}.`,
      button: { label: 'It is marked', action: { kind: 'write', entry: 'label' } },
    };
  if (barred) return { kind: 'not-proven', say: `Held: ${barred.asks}.`, because: barred.say };
  return {
    kind: 'good',
    say,
    because,
    ...(lead ? { button: { label: 'Sign the charge', action: { kind: 'sign' } } } : {}),
  };
}
