import type { NewObservation } from '@/contract/before';
import type { JobSheet } from '@/core/job/sheet';
import { factOf, valueTrouble } from '@/core/scope/survey/facts';
import { audit } from '@/server/audit';
import type { Database } from '@/server/db/pool';
import { badInput, mustBeOnce, Problem } from '@/server/errors/problem';
import { changeJob, mustNotBeHandedOver, sheetFor } from '@/server/features/jobs/jobs-service';
import type { Person } from '@/server/features/people/people-store';
import { tell } from '@/server/words/tell';
import { workPicture } from './picture-work';
import { surveysStore } from './surveys-store';

/** Stores answers; sending the same ids again changes nothing. After the scope is signed an answer counts as found on the day. */
export async function recordObservations(
  database: Database,
  person: Person,
  jobId: string,
  observations: NewObservation[],
): Promise<JobSheet> {
  mustBeOnce(observations.map((o) => o.id));
  return changeJob(database, person, jobId, async (db, sheet) => {
    const stored = new Map(
      (
        await surveysStore.findObservations(
          db,
          observations.map((o) => o.id),
        )
      ).map((o) => [o.id, o]),
    );
    const foundOnTheDay = sheet.signOffs.some((s) => s.phase === 'scope');
    mustNotBeHandedOver(sheet);
    for (const o of observations) {
      const there = stored.get(o.id);
      if (there) {
        if (there.companyId !== person.companyId || there.jobId !== jobId) throw new Problem('not-found');
        if (there.fact !== o.fact || JSON.stringify(there.value) !== JSON.stringify(o.value))
          throw new Problem('other-body', {
            field: 'id',
            message: tell('server.this-id-already-holds-another-answer'),
          });
        continue;
      }
      const fact = factOf(o.fact)!;
      const trouble = valueTrouble(fact, o.value);
      if (trouble) throw badInput({ field: o.fact, ...trouble });
      if (o.photoId !== null) {
        const photo = await surveysStore.findPhoto(db, o.photoId);
        if (!photo || photo.companyId !== person.companyId || photo.jobId !== jobId)
          throw badInput({
            field: 'photoId',
            message: tell('server.there-is-no-such-picture-on'),
            allowed: tell('server.picture-of-this-job-or-null'),
          });
      }
      await surveysStore.addObservation(
        db,
        { companyId: person.companyId, jobId },
        { ...o, unit: fact.kind === 'number' ? fact.unit : '', foundOnTheDay, personId: person.id },
      );
    }
    const fresh = observations.filter((o) => !stored.has(o.id));
    if (fresh.length)
      await audit(db, person, jobId, foundOnTheDay ? 'found on the day' : 'surveyed', {
        facts: fresh.map((o) => o.fact),
      });
  });
}

/** A picture of the list before dismantling that will not be taken, with the reason. */
export async function waive(
  database: Database,
  person: Person,
  jobId: string,
  body: { id: string; item: string; reason: string },
): Promise<JobSheet> {
  return changeJob(database, person, jobId, async (db, sheet) => {
    mustNotBeHandedOver(sheet);
    const key = { companyId: person.companyId, jobId };
    const there = await surveysStore.waiverOf(db, { ...key, item: body.item });
    if (there) {
      if (there.id === body.id && there.reason === body.reason) return;
      throw new Problem('other-body', { field: 'item', message: tell('server.this-picture-is-already-waived') });
    }
    await surveysStore.addWaiver(db, key, { ...body, personId: person.id });
    await audit(db, person, jobId, 'picture waived', { item: body.item, reason: body.reason });
  });
}

export type Upload = { id: string; subject: string; caption: string | null; takenAt: string; file: Buffer };

/** Turns a picture upright, makes it small, drops its place and camera data, and keeps it beside the job. */
export async function addPhoto(database: Database, person: Person, jobId: string, upload: Upload): Promise<JobSheet> {
  const there = await surveysStore.findPhoto(database, upload.id);
  if (there) {
    if (there.companyId !== person.companyId || there.jobId !== jobId) throw new Problem('not-found');
    if (there.subject !== upload.subject)
      throw new Problem('other-body', { field: 'id', message: tell('server.this-id-already-holds-another-picture') });
    return sheetFor(database, person, jobId);
  }
  await sheetFor(database, person, jobId);
  const picture = await workPicture(upload.file);
  return changeJob(database, person, jobId, async (db) => {
    if (await surveysStore.findPhoto(db, upload.id)) return;
    await surveysStore.addPhoto(
      db,
      { companyId: person.companyId, jobId },
      { ...upload, ...picture, personId: person.id, takenAt: new Date(upload.takenAt) },
    );
    await audit(db, person, jobId, 'picture taken', { subject: upload.subject, contentHash: picture.contentHash });
  });
}
