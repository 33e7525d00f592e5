import { FIT_WORDS } from '@/core/fit/sheets';
import { passes, withOverrides } from '@/core/job/gates';
import { type Button, go, type Move } from '@/core/job/move';
import type { JobSheet } from '@/core/job/sheet';
import { overridesIn } from '@/core/phases/phase';
import { tell } from '@/core/phases/scope/words';
import { hasCircuit } from '@/core/phases/survey/view';
import { list, lower, q, type Said, value } from '@/core/words/said';
import { emptyFits, removalGates, scopeGates } from './gates';
import { scopeOf } from './view';

const sign = (label: Said): Button => ({ label, action: { kind: 'sign' } });
const customer = (subject: string, label: Said): Button => ({ label, action: { kind: 'customer', subject } });

/** What comes next in the scope: choose, decide, disclose, let the customer sign, sign; later the change, then the removal. */
export function scopeMove(sheet: JobSheet): Move {
  const scope = scopeOf(sheet);
  const signed = sheet.signOffs.some((s) => s.phase === 'scope');
  if (scope.agreed && scope.change) {
    const { delta } = scope.change;
    return {
      kind: 'look-again',
      say: tell('job.scope-changed-new-gone-altered', {
        count: delta.added.length,
        count2: delta.removed.length,
        count3: delta.changed.length,
      }),
      because: tell('job.customer-says-yes-or-no-before', {
        hours: delta.hours >= 0 ? '+' : '−',
        hours2: q(Math.abs(delta.hours), 'h'),
        price: q(delta.price, 'moneyChange'),
      }),
      button: customer('change', tell('job.ask-customer')),
    };
  }
  if (signed || releasedWithoutScope(sheet)) return removalMove(sheet);
  const open = scope.items.find((i) => i.standing === 'open');
  const undisclosed = scope.disclosures.find((d) => !d.signature);
  const gates = scopeGates(sheet).map(withOverrides(overridesIn({ id: 'scope' }, sheet)));
  const held = (id: string): boolean => gates.some((g) => g.id === id && !passes(g));
  if (held('survey-signed'))
    return {
      kind: 'not-proven',
      say: tell('job.finish-and-sign-survey-first'),
      because: tell('job.scope-follows-from-what-is-there'),
      button: go('survey', tell('job.go-to-survey')),
    };
  if (held('new-unit'))
    return {
      kind: 'now',
      say: hasCircuit(sheet) ? tell('job.choose-new-equipment') : tell('job.choose-new-furnace'),
      because: hasCircuit(sheet)
        ? tell('job.refrigerant-metering-wires-and-sizes-follow')
        : tell('job.wires-weight-and-whether-it-fits'),
    };
  if (held('items-decided') && open)
    return {
      kind: 'now',
      say: tell('job.decide', { say: lower(open.say) }),
      because: open.reason,
      button: go(`scope#item-${open.id}`, tell('job.show-it')),
    };
  // A customer who is not there to sign the scope is not there to read a disclosure either: it holds the hand-over.
  if (undisclosed && !gates.some((g) => g.id === 'customer-agreed' && g.override))
    return {
      kind: 'now',
      say: tell('job.stays-let-customer-sign-disclosure', { part: undisclosed.part }),
      because: tell('job.kept-part-is-known-risk-unsigned'),
      button: customer(`disclosure:${undisclosed.id}`, tell('job.read-and-sign')),
    };
  if (held('customer-agreed'))
    return {
      kind: 'now',
      say: tell('job.let-customer-read-and-sign-scope'),
      because: tell('job.items-without-equipment', {
        count: scope.items.filter((i) => i.standing === 'in').length,
        hours: q(scope.total.hours, 'h'),
        price: q(scope.total.price, 'money'),
      }),
      button: customer('scope', tell('job.customer-signs')),
    };
  const empty = emptyFits(sheet);
  return {
    kind: empty.length ? 'look-again' : 'now',
    say: empty.length
      ? tell('job.sign-scope-with-fit-not-measured', {
          count: empty.length,
          count2: value(empty.length === 1 ? 'sheet' : 'sheets'),
        })
      : tell('job.sign-scope'),
    because: empty.length
      ? tell('job.nobody-measured-whether-it-fits-there', { value: list(empty.map((k) => lower(FIT_WORDS[k]))) })
      : tell('job.it-freezes-what-was-found-chosen'),
    button: sign(tell('job.sign-scope-2')),
  };
}

/** A lead let the removal go before the scope was signed, and it is not released yet. */
const releasedWithoutScope = (sheet: JobSheet): boolean =>
  sheet.removal === null && removalGates(sheet).some((g) => g.id === 'scope-signed' && g.override !== undefined);

function removalMove(sheet: JobSheet): Move {
  if (sheet.removal)
    return {
      kind: 'good',
      say: tell('job.removal-released'),
      because: tell('job.released-it-fact-found-later-changes', { by: sheet.removal.by }),
      button: hasCircuit(sheet) ? go('recover', tell('job.go-to-recover')) : go('set', tell('job.go-to-set')),
    };
  const held = removalGates(sheet).find((g) => !passes(g));
  if (held?.id === 'no-hazard-stop')
    return {
      kind: 'stop',
      say: tell('job.nothing-is-taken-out-while-this'),
      because: held.say,
      button: go('survey/ducts', tell('job.show-place')),
    };
  if (held?.id === 'no-fit-stop')
    return {
      kind: 'stop',
      say: tell('job.nothing-is-taken-out-while-new'),
      because: held.say,
      button: go('fit', tell('job.show-fit-sheets')),
    };
  if (held?.id === 'go')
    return {
      kind: 'stop',
      say: tell('go.no-go'),
      because: held.say,
      button: go('plan', tell('go.to-the-day')),
    };
  if (held?.id === 'before-list')
    return {
      kind: 'now',
      say: tell('job.take-pictures-before-anything-is-taken'),
      because: tell('job.say', { say: held.say }),
      button: go('survey/before', tell('job.take-pictures')),
    };
  return {
    kind: 'now',
    say: releasedWithoutScope(sheet)
      ? tell('job.release-removal-without-signed-scope')
      : tell('job.scope-signed-release-removal'),
    because: tell('job.pictures-are-there-and-no-hazard'),
    button: { label: tell('job.release-removal'), action: { kind: 'release-removal' } },
  };
}
