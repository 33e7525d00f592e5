import { expect, test } from '@playwright/test';
import { Surveyor } from './crew';

// Here the worker that opens the application without a network is at work.
test.use({ serviceWorkers: 'allow', viewport: { width: 390, height: 844 } });

test('a job that was never opened here, of the person who leads it: without a signal its sheet, log and pictures are there', async ({
  page,
  context,
}) => {
  const crew = new Surveyor(page);
  await crew.signIn();
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.reload();
  const { jobs } = (await (await page.request.get('/api/jobs?state=open&offset=0&search=')).json()) as {
    jobs: { jobId: string; number: number; leadName: string }[];
  };
  const withPictures = async (jobId: string) =>
    ((await (await page.request.get(`/api/jobs/${jobId}`)).json()) as { survey: { photos: { id: string }[] } }).survey
      .photos;
  let mine: { jobId: string; number: number; photoId: string } | undefined;
  for (const j of jobs.filter((j) => j.leadName === 'Tess Orlan')) {
    const [photo] = await withPictures(j.jobId);
    if (photo && !mine) mine = { ...j, photoId: photo.id };
  }
  const { jobId, photoId } = mine!;
  const kept = (path: string, id: string) =>
    page.evaluate(
      async ([path, picture]) => {
        const db = await new Promise<IDBDatabase>((done) => {
          const open = indexedDB.open('mill-bridge');
          open.onsuccess = () => done(open.result);
        });
        const keys = await new Promise<IDBValidKey[]>((done) => {
          const all = db.transaction('copies').objectStore('copies').getAllKeys();
          all.onsuccess = () => done(all.result);
        });
        db.close();
        return keys.includes(path!) && (await caches.match(picture!)) !== undefined;
      },
      [path, id],
    );
  await expect.poll(() => kept(`/jobs/${jobId}`, `/api/photos/${photoId}/image`), { timeout: 60_000 }).toBe(true);

  await context.setOffline(true);
  await page.goto(`/jobs/${jobId}/survey/outdoor`);
  await expect(crew.next).toBeVisible();
  await expect(page.getByTestId('waits')).toContainText('Shown as of');
  const picture = await page.evaluate(
    async (path) => (await fetch(path)).headers.get('content-type'),
    `/api/photos/${photoId}/image`,
  );
  expect(picture).toBe('image/jpeg');
  await context.setOffline(false);
});
