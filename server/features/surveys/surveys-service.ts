import type { NewObservation } from '@/contract/before';
import type { JobSheet } from '@/core/job/sheet';
import { pictureOfHouse } from '@/core/scope/survey/before-dismantling';
import { factOf, valueTrouble } from '@/core/scope/survey/facts';
import type { AsksJob } from '@/server/asks';
import { badInput, mustBeOnce, Problem, refusedWith } from '@/server/errors/problem';
import { changeOpenJob, mustNotBeHandedOver, sheetFor } from '@/server/features/jobs/jobs-service';
import type { Pictures } from '@/server/pictures/pictures';
import { tell } from '@/server/words/tell';
import { isWritten, writesFirst } from '@/server/write-once';
import { workPicture } from './picture-work';
import { surveysStore } from './surveys-store';

/** Stores answers; sending the same ids again changes nothing. After the scope is signed an answer counts as found on the day. */
export async function recordObservations(asks: AsksJob, observations: NewObservation[]): Promise<JobSheet> {
  mustBeOnce(observations.map((o) => o.id));
  return changeOpenJob(asks, async ({ db, sheet, person, jobId, first, trail }) => {
    const foundOnTheDay = sheet.signOffs.some((s) => s.phase === 'scope');
    mustNotBeHandedOver(sheet);
    const fresh: string[] = [];
    for (const o of observations) {
      if (!(await first('answer', o))) continue;
      fresh.push(o.fact);
      const fact = factOf(o.fact)!;
      const trouble = valueTrouble(fact, o.value);
      if (trouble) throw refusedWith({ field: o.fact, ...trouble });
      if (o.photoId !== null) {
        const photo = await surveysStore.findPhoto(db, o.photoId);
        if (!photo || photo.companyId !== person.companyId || photo.jobId !== jobId)
          throw badInput(
            'photoId',
            tell('server.there-is-no-such-picture-on'),
            tell('server.picture-of-this-job-or-null'),
          );
      }
      await surveysStore.addObservation(
        db,
        { companyId: person.companyId, jobId, systemId: fact.house ? null : sheet.system.id },
        { ...o, unit: fact.kind === 'number' ? fact.unit : '', foundOnTheDay, personId: person.id },
      );
    }
    if (fresh.length) await trail(foundOnTheDay ? 'found on the day' : 'surveyed', { facts: fresh });
  });
}

/** A picture of the list before dismantling that will not be taken, with the reason. */
export async function waive(asks: AsksJob, body: { id: string; item: string; reason: string }): Promise<JobSheet> {
  return changeOpenJob(asks, async ({ db, sheet, person, jobId, first, trail }) => {
    mustNotBeHandedOver(sheet);
    const key = { companyId: person.companyId, jobId, systemId: sheet.system.id };
    if (!(await first('waiver', body))) return;
    if (await surveysStore.waiverOf(db, { ...key, item: body.item }))
      throw new Problem('other-body', { field: 'item', message: tell('server.this-picture-is-already-waived') });
    await surveysStore.addWaiver(db, key, { ...body, personId: person.id });
    await trail('picture waived', { item: body.item, reason: body.reason });
  });
}

export type Upload = { id: string; subject: string; caption: string | null; takenAt: string; file: Buffer };

/** Turns a picture upright, makes it small, drops its place and camera data, and keeps it beside the job. */
export async function addPhoto(asks: AsksJob, pictures: Pictures, upload: Upload): Promise<JobSheet> {
  const { database, person, at } = asks;
  const { jobId } = at;
  const { file, ...words } = upload;
  const write = { id: upload.id, what: 'picture', jobId, body: { ...words, file: file.toString('base64') } };
  if (await isWritten(database, person, write)) return sheetFor(database, person, at);
  await sheetFor(database, person, at);
  const picture = await workPicture(file);
  const { companyId } = person;
  const bytes = await pictures.keep({ companyId, id: upload.id, contentHash: picture.contentHash }, picture);
  return changeOpenJob(asks, async ({ db, sheet, trail }) => {
    if (!(await writesFirst(db, person, write))) return;
    await surveysStore.addPhoto(
      db,
      { companyId, jobId, systemId: pictureOfHouse(upload) ? null : sheet.system.id },
      { ...upload, ...picture, ...bytes, personId: person.id, takenAt: new Date(upload.takenAt) },
    );
    await trail('picture taken', { subject: upload.subject, contentHash: picture.contentHash });
  });
}
