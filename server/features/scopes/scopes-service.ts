import { createHash } from 'node:crypto';
import { v7 as uuid } from 'uuid';
import type { NewCustomerSignature, NewDecision, NewScopeLine } from '@/contract/before';
import { passes } from '@/core/job/gates';
import { may } from '@/core/job/permissions';
import type { JobSheet } from '@/core/job/sheet';
import { TAKE_OVER, takeOverWords } from '@/core/phases/hand-over/take-over';
import { changesLineSet, decidedByAnswer } from '@/core/phases/scope/answered-change';
import { removalGates } from '@/core/phases/scope/gates';
import { agreedText } from '@/core/phases/scope/offer/agreed-text';
import { itemsToRemember, scopeOf, termsOf } from '@/core/phases/scope/view';
import type { Choice } from '@/core/scope/choice';
import { MOST_OWN_LINES } from '@/core/scope/own-line';
import { type Said, sameSaid } from '@/core/words/said';
import type { AsksJob } from '@/server/asks';
import { now } from '@/server/clock';
import type { Db } from '@/server/db/pool';
import { badInput, Problem } from '@/server/errors/problem';
import { sameOrStale } from '@/server/errors/stale';
import type { JobAt } from '@/server/features/jobs/job-at';
import { changeOpenJob, mustNotBeHandedOver, sheetFor } from '@/server/features/jobs/jobs-service';
import { REMOVAL_RECORD } from '@/server/features/jobs/sheet-rows';
import { libraryStore } from '@/server/features/library/library-store';
import type { Person } from '@/server/features/people/people-store';
import { phasesStore } from '@/server/features/phases/phases-store';
import { recordKey } from '@/server/features/phases/record-key';
import { reportOf } from '@/server/features/reports/reports-service';
import { speakIn } from '@/server/words/speak-to';
import { tell } from '@/server/words/tell';
import { equipFromScope } from './equip-from-scope';
import { scopesStore } from './scopes-store';

/** What is chosen and what stays. After the scope is signed a change here is a change found on the day: the customer answers it. */
export async function choose(
  asks: AsksJob,
  { version, choice }: { version: number; choice: Choice },
): Promise<JobSheet> {
  return changeOpenJob(asks, async ({ db, sheet, person, trail }) => {
    mustNotBeHandedOver(sheet);
    for (const [field, id] of [
      ['choice.outdoorId', choice.outdoorId],
      ['choice.indoorId', choice.indoorId],
      ['choice.furnaceId', choice.furnaceId],
      ['choice.heaterKitId', choice.heaterKitId],
      ['choice.thermostatId', choice.thermostatId],
    ] as const) {
      if (id && !(await libraryStore.byId(db, person.companyId, id)))
        throw badInput(
          field,
          tell('server.there-is-no-such-equipment-in'),
          tell('server.item-of-your-library-or-null'),
        );
    }
    const done = await phasesStore.putRecord(db, recordKey(person, sheet, 'scope'), choice, version, person.id);
    if (!done)
      return sameOrStale(
        tell('server.someone-changed-choice-after-you-read'),
        { yours: { version, choice }, stored: { version: sheet.scope.version, choice: sheet.scope.choice } },
        { sent: choice, kept: sheet.scope.choice },
      );
    await trail('scope chosen', { from: sheet.scope.choice, to: choice });
  });
}

/** In or out, by someone who may: a must only goes out by a lead or the owner, a safety item never. */
export async function decide(asks: AsksJob, body: NewDecision): Promise<JobSheet> {
  return changeOpenJob(asks, async ({ db, sheet, person, jobId, first, trail }) => {
    if (!(await first('decision', body))) return;
    mustNotBeHandedOver(sheet);
    const item = scopeOf(sheet).items.find((i) => i.id === body.itemId);
    if (!item)
      throw badInput('itemId', tell('server.this-item-is-not-in-scope'), tell('server.item-of-scope-as-it-stands'));
    if (body.decision === 'out') {
      if (item.safety)
        throw new Problem('not-allowed', { field: 'itemId', message: tell('server.safety-or-law-this-item-cannot') });
      if (item.level === 'must' && !may(person.role, 'decline-must'))
        throw new Problem('not-allowed', {
          field: 'itemId',
          message: tell('server.must-goes-out-only-by-lead'),
        });
    }
    await scopesStore.addDecision(
      db,
      { companyId: person.companyId, jobId, systemId: sheet.system.id },
      { ...body, personId: person.id },
    );
    await trail('scope decided', {
      item: body.itemId,
      decision: body.decision,
      reason: body.reason,
    });
  });
}

/** Work that no rule knows, written into the scope; on the day too: then the customer answers it like any change. */
export async function addLine(asks: AsksJob, body: NewScopeLine): Promise<JobSheet> {
  return changeOpenJob(asks, async ({ db, sheet, person, jobId, first, trail }) => {
    if (!(await first('scope line', body))) return;
    mustNotBeHandedOver(sheet);
    if (sheet.scope.lines.length >= MOST_OWN_LINES)
      throw badInput(
        'say',
        tell('server.scope-has-too-many-lines'),
        tell('server.lines-up-to', { most: MOST_OWN_LINES }),
      );
    const key = { companyId: person.companyId, jobId, systemId: sheet.system.id };
    await scopesStore.addLine(db, key, { ...body, personId: person.id });
    await trail('scope line', body);
  });
}

/** The words a signature of this subject must stand under, as the sheet has them now. */
function wordsOf(sheet: JobSheet, subject: string): Said | undefined {
  const scope = scopeOf(sheet);
  if (subject === 'scope') return agreedText(sheet, scope);
  if (subject === 'change') return scope.change?.text;
  return scope.disclosures.find((d) => `disclosure:${d.id}` === subject)?.text;
}

/** The five lines of the report as they stand: what a customer takes over. */
async function takeOverOf(db: Db, person: Person, at: JobAt): Promise<Said | undefined> {
  const { five } = await reportOf(db, person, at);
  return five && takeOverWords(five);
}

/** The customer's answer on screen. The words signed must be the words that stand on the sheet: anything else is 409. */
export async function customerSigns(asks: AsksJob, body: NewCustomerSignature): Promise<JobSheet> {
  return changeOpenJob(asks, async ({ db, sheet, person, jobId, first, trail }) => {
    if (!(await first('customer signature', body))) return;
    const words = body.subject === TAKE_OVER ? await takeOverOf(db, person, asks.at) : wordsOf(sheet, body.subject);
    // A customer may sign what was handed over already; nothing else is agreed to any more.
    if (body.subject !== TAKE_OVER) mustNotBeHandedOver(sheet);
    if (words === undefined)
      throw badInput(
        'subject',
        tell('server.there-is-nothing-to-sign-under'),
        tell('server.scope-open-change-or-kept-part'),
      );
    // The words shown must be these, in the language they were shown in: a wording that changed since is read again.
    const say = speakIn(body.language, { timeZone: sheet.site.timeZone, currency: sheet.scopeSchools.currency });
    if (!sameSaid(words, body.said) || say(words) !== body.text)
      throw new Problem('stale-version', {
        field: 'text',
        message: tell('server.words-changed-after-they-were-shown'),
        yours: { text: body.text },
        stored: { text: say(words) },
      });
    const scope = scopeOf(sheet);
    const key = { companyId: person.companyId, jobId, systemId: sheet.system.id };
    const remembers = body.subject === 'scope' || body.subject === 'change';
    if (body.subject === 'change')
      for (const decided of decidedByAnswer(scope, body))
        await scopesStore.addDecision(db, key, { id: uuid(), ...decided, personId: person.id });
    const after = remembers ? scopeOf(await sheetFor(db, person, asks.at)) : undefined;
    await scopesStore.addSignature(db, key, {
      ...body,
      textHash: createHash('sha256').update(body.text).digest('hex'),
      items: after ? itemsToRemember(after) : null,
      terms: after ? termsOf(after) : null,
      personId: person.id,
    });
    if (body.subject === 'change' && body.answer === 'yes')
      await equipFromScope(db, person, await sheetFor(db, person, asks.at), { lineSet: changesLineSet(scope) });
    await trail('customer answered', {
      subject: body.subject,
      answer: body.answer,
      reason: body.reason,
    });
  });
}

/** Releases the removal of the old equipment: no hazard, signed scope, pictures taken or waived. */
export async function releaseRemoval(asks: AsksJob): Promise<JobSheet> {
  return changeOpenJob(asks, async ({ db, sheet, person, trail }) => {
    if (sheet.removal) return;
    const gates = removalGates(sheet);
    const held = gates.find((g) => !passes(g));
    if (held)
      throw new Problem('gate-held', {
        field: held.id,
        message: tell('server.held', { asks: held.asks, say: held.say }),
        allowed: held.overridable
          ? tell('server.clear-it-or-lead-overrides-it')
          : tell('server.clear-it-it-can-never-be'),
        gates,
      });
    const record = { by: person.fullName, at: now().toISOString() };
    const done = await phasesStore.putRecord(db, recordKey(person, sheet, REMOVAL_RECORD), record, 0, person.id);
    if (!done) throw new Problem('stale-version', { message: tell('server.someone-released-it-at-same-moment') });
    await trail('removal released', record);
  });
}
