import type { Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { type Gate, passes } from '@/core/job/gates';
import { go, type Move, moveOf, write } from '@/core/job/move';
import type { EquippedSheet } from '@/core/job/sheet';
import { allPass, signMove } from '@/core/job/sign-move';
import { type Weighing, weighingMove } from '@/core/job/weighing-move';
import type { judgeCharge } from '@/core/phases/charge/charge-sheet';
import { tell } from '@/core/phases/charge/words';
import { keepsCircuitLog, sealedWhy } from '@/core/phases/circuit-kept';
import type { EntryKind } from '@/core/phases/log/entries';
import { ENTRIES } from '@/core/phases/log/entries';
import { q } from '@/core/words/said';
import type { ChargeLabel } from './charge-record';

export type ChargeFacts = {
  sheet: EquippedSheet;
  judged: ReturnType<typeof judgeCharge>;
  gates: readonly Gate[];
  checks: readonly Finding[];
  label: ChargeLabel;
  /** A weighing that goes on now. */
  live: Weighing | undefined;
  /** A scale streams; without one the weights are typed. */
  scale: boolean;
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
export function chargeMove(f: ChargeFacts & { maySign: boolean }): Move {
  const signed = f.sheet.signOffs.find((s) => s.phase === 'charge');
  if (signed)
    return {
      kind: 'good',
      say: tell('work.charge-signed-go-on-to-start'),
      because: tell('work.signed-in-system', { by: signed.by, inSystemOz: q(f.judged.state.inSystemOz, 'lbOz') }),
      button: go('start-up', tell('work.go-to-start-up')),
    };
  if (f.live) return weighingMove(f.live, tell('work.weighing-in'), tell('work.liquid-into-high-side-system-off'));
  // A scale or a cylinder that stops the work comes before a signature; what a lead let pass is not asked for again.
  const stop = orderFindings(f.checks).find((c) => c.verdict === 'stop');
  if (!stop && allPass(f.gates)) return signMove('charge', f.gates, f.maySign, holdsOf(f.judged.finding));
  return recordMove(f) ?? fromJudgement(f);
}

/** What the record asks before refrigerant moves: each with the form, or the page, that answers it. */
function recordMove({ sheet, gates, checks }: ChargeFacts): Move | undefined {
  const toEvacuate = go('evacuate', tell('work.go-to-evacuate'));
  const vacuum = held(gates, 'standing-vacuum');
  const kept = keepsCircuitLog(sheet) && !sealedWhy(sheet) && sheet.circuitLog.length > 0;
  if (vacuum && kept)
    return {
      kind: 'not-proven',
      say: tell('work.no-refrigerant-before-passed-standing-vacuum'),
      because: vacuum.say,
      button: toEvacuate,
    };
  for (const [id, to, say] of [
    ['recover-signed', 'recover', tell('work.sign-recovery-of-old-unit-first')],
    ['join-signed', 'join', tell('work.sign-joining-first')],
  ] as const)
    if (held(gates, id))
      return {
        kind: 'not-proven',
        say,
        because: tell('work.new-one-comes-sealed-what-was'),
        button: go(to, tell('work.go-to', { to })),
      };
  if (held(gates, 'evacuate-signed'))
    return {
      kind: 'not-proven',
      say: tell('work.sign-evacuation-first'),
      because: tell('work.its-standing-test-is-what-charge'),
      button: toEvacuate,
    };
  if (held(gates, 'vacuum-broken'))
    return {
      kind: 'now',
      say: tell('work.break-vacuum-with-refrigerant-to-1'),
      because: tell('work.close-gauge-off-first-pressure-ruins'),
      button: write('vacuum-broken', tell('work.vacuum-broken')),
    };
  const past = (id: string): boolean => gates.some((g) => g.id === id && g.override !== undefined);
  const worst = orderFindings(checks).find(
    (c) =>
      c.verdict === 'stop' ||
      (c.verdict === 'not-proven' && !past(c.id) && !(past('weighed-charge') && WEIGHING.has(c.id))),
  );
  if (worst) {
    const form = FORMS[worst.id];
    return moveOf(worst, form && write(form, ENTRIES[form].title));
  }
  return vacuum
    ? {
        kind: 'not-proven',
        say: tell('work.prove-vacuum-first-record-standing-test'),
        because: tell('work.no-refrigerant-before-it', { say: vacuum.say }),
        button: { label: tell('work.record-test'), action: { kind: 'type', what: 'vacuum' } },
      }
    : undefined;
}

const holdsOf = ({ claim, next }: ChargeFacts['judged']['finding']): Pick<Move, 'say' | 'because'> =>
  next.action.kind === 'sign' ? next : { say: tell('work.sign-charge'), because: claim };

function fromJudgement({ judged, gates, label, maySign, scale }: ChargeFacts & { maySign: boolean }): Move {
  const { finding } = judged;
  const { say, because, action } = finding.next;
  const weighingPast = gates.some((g) => g.id === 'weighed-charge' && g.override !== undefined);
  if ((action.kind === 'weigh-in' && !weighingPast) || action.kind === 'recover')
    return {
      kind: action.kind === 'recover' ? finding.verdict : 'now',
      say,
      because,
      button: {
        label: !scale
          ? tell('work.type-weights')
          : tell('work.kind-oz', {
              kind: action.kind === 'weigh-in' ? tell('work.weigh-in') : tell('work.recover'),
              oz: q(action.oz, 'oz'),
            }),
        action,
      },
    };
  const barred = gates.find((g) => !passes(g));
  if (barred?.id === 'label')
    return {
      kind: 'now',
      say: tell('work.mark-total-at-unit-of', { totalOz: q(label.totalOz, 'lbOz'), refrigerant: label.refrigerant }),
      because: tell('work.next-person-charges-by-this-label', { say: barred.say }),
      button: write('label', tell('work.it-is-marked')),
    };
  if (barred) return { kind: 'not-proven', say: tell('work.held', { asks: barred.asks }), because: barred.say };
  return signMove('charge', gates, maySign, { say, because });
}
