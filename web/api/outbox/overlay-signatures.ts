import type { NewAcceptance, NewCustomerSignature } from '@/contract/before';
import { asRead } from '@/core/job/acceptance';
import type { Phase } from '@/core/job/phases';
import { type CustomerSignature, isSigned, type JobSheet } from '@/core/job/sheet';
import { ownerOf } from '@/core/phases/registry';
import { changesLineSet, decidedByAnswer } from '@/core/phases/scope/answered-change';
import { circuitOfScope, plateOfScope } from '@/core/phases/scope/equips';
import { itemsToRemember, type ScopeView, scopeOf, termsOf } from '@/core/phases/scope/view';
import type { Said } from '@/core/words/said';
import type { Me } from '@/web/api/use-me';
import { splitPath } from '../circuit-path';
import type { Body } from './change';
import type { Waiting } from './waiting';

/** A signature of this device: what comes after it stands on it until the server has judged it. */
export const signature: Body<{ id: string }> = (sheet, { id }, write, me) => {
  const phase = splitPath(write.path).path.split('/').at(-2) as Phase;
  return signedBy(sheet, id, phase, write, me);
};

export function signedBy(sheet: JobSheet, id: string, phase: Phase, write: Waiting, me: Me): JobSheet {
  if (isSigned(sheet, phase)) return sheet;
  const ownerId = ownerOf(sheet, phase);
  const signed = {
    ...sheet,
    signOffs: [
      ...sheet.signOffs,
      { id, ownerId, phase, by: me.fullName, certificate: null, at: write.at, contentHash: '' },
    ],
    circuits: sheet.circuits.map((c) => (c.id === ownerId ? { ...c, signed: [...c.signed, phase] } : c)),
  };
  return phase === 'scope' ? equipped(signed) : signed;
}

/** What a customer answered: with what it decides of a change that was found on the day. */
export const customer: Body<NewCustomerSignature> = (seen, body, write, me) => {
  const { id, subject, answer, reason, text, said, ink } = body;
  if (seen.scope.signatures.some((s) => s.id === id)) return seen;
  const change = subject === 'change' ? scopeOf(seen) : undefined;
  const sheet = change ? decidedOn(seen, change, body, write, me) : seen;
  const remembers = subject === 'scope' || change !== undefined;
  const answered: CustomerSignature = {
    id,
    subject,
    answer,
    reason,
    text,
    said: said as Said,
    customer: body.customer,
    ink,
    items: remembers ? itemsToRemember(scopeOf(sheet)) : null,
    terms: remembers ? termsOf(scopeOf(sheet)) : null,
    witness: me.fullName,
    at: write.at,
  };
  const after = { ...sheet, scope: { ...sheet.scope, signatures: [...sheet.scope.signatures, answered] } };
  return change && answer === 'yes' ? equipped(after, { lineSet: changesLineSet(change) }) : after;
};

/** A look-again that lead and customer let stand, in the words the customer read. */
export const acceptance: Body<NewAcceptance> = (sheet, { id, finding, reason, customer, text }, write, me) => {
  if (sheet.acceptances.some((a) => a.id === id)) return sheet;
  const stands = { id, finding, said: asRead(text), reason, customer, by: me.fullName, at: write.at };
  return { ...sheet, acceptances: [...sheet.acceptances, stands] };
};

function decidedOn(
  sheet: JobSheet,
  scope: ScopeView,
  answered: Pick<NewCustomerSignature, 'answer' | 'reason'>,
  { at }: Waiting,
  { fullName: by, role }: Me,
): JobSheet {
  const decided = decidedByAnswer(scope, answered).map((d) => ({ ...d, by, role, at }));
  return { ...sheet, scope: { ...sheet.scope, decisions: [...sheet.scope.decisions, ...decided] } };
}

/** The new unit that an agreed scope names, on the sheet of the circuit it equips. */
function equipped(sheet: JobSheet, change?: { lineSet: boolean }): JobSheet {
  const plate = circuitOfScope(sheet) === sheet.circuit.id ? plateOfScope(sheet, change) : undefined;
  return plate ? { ...sheet, circuit: { ...sheet.circuit, plate } } : sheet;
}
