import type { NewCustomerSignature } from '@/contract/before';
import type { Phase } from '@/core/job/phases';
import { type CustomerSignature, isSigned, type JobSheet } from '@/core/job/sheet';
import { ownerOf } from '@/core/phases/registry';
import { circuitOfScope, plateOfScope } from '@/core/phases/scope/equips';
import { itemsToRemember, scopeOf, termsOf } from '@/core/phases/scope/view';
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
  const plate = phase === 'scope' && circuitOfScope(sheet) === sheet.circuit.id ? plateOfScope(sheet) : undefined;
  return plate ? { ...signed, circuit: { ...sheet.circuit, plate } } : signed;
}

/** What a customer answered; a change found on the day is decided by the server. */
export const customer: Body<NewCustomerSignature> = (sheet, body, write, me) => {
  const { id, subject, answer, reason, text, said, ink } = body;
  const ofScope = subject === 'scope';
  if (!(ofScope || subject.startsWith('disclosure:')) || sheet.scope.signatures.some((s) => s.id === id)) return sheet;
  const answered: CustomerSignature = {
    id,
    subject,
    answer,
    reason,
    text,
    said: said as Said,
    customer: body.customer,
    ink,
    items: ofScope ? itemsToRemember(scopeOf(sheet)) : null,
    terms: ofScope ? termsOf(scopeOf(sheet)) : null,
    witness: me.fullName,
    at: write.at,
  };
  return { ...sheet, scope: { ...sheet.scope, signatures: [...sheet.scope.signatures, answered] } };
};
