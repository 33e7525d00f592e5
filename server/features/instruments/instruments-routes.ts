import { Router } from 'express';
import { STREAM_VERSION, type StreamBatch } from '@/contract/answers/stream';
import { rigView } from '@/contract/feed-views';
import {
  deviceLogSchema,
  deviceRunSchema,
  logRowsSchema,
  newRunSchema,
  portRunSchema,
  runCommandSchema,
} from '@/contract/requests';
import type { Deps } from '@/server/deps';
import { parseBody } from '@/server/errors/problem';
import { jobAt } from '@/server/features/jobs/job-at';
import { sheetFor } from '@/server/features/jobs/jobs-service';
import { writtenAgoS } from '@/server/features/late/late-writes';
import { sessionStore } from '@/server/features/people/session-store';
import { writeStream } from '@/server/streams';
import { who } from '@/server/who';
import { benchNow } from './active-run';
import { openDeviceRun, takeDeviceLog } from './device-runs';
import { historyOf } from './history';
import { commandRun, openPortRun, resumeRun, runFor, startRun, stopRun } from './instruments-service';
import { takeLog } from './take-log';

const HEARTBEAT_MS = 5000;

export function instrumentsRoutes(deps: Deps): Router {
  const router = Router();

  router.post('/jobs/:jobId/runs', async (request, response) => {
    const person = who(request);
    await startRun(deps, person, jobAt(request), parseBody(newRunSchema, request.body));
    response.status(201).json(await sheetFor(deps.database, person, jobAt(request)));
  });

  router.post('/jobs/:jobId/device-runs', async (request, response) => {
    const body = parseBody(deviceRunSchema, request.body);
    response.status(201).json(await openDeviceRun(deps, who(request), jobAt(request), body));
  });
  router.post('/runs/:runId/device-log', async (request, response) => {
    await takeDeviceLog(
      deps,
      who(request),
      request.params.runId,
      parseBody(deviceLogSchema, request.body),
      writtenAgoS(request),
    );
    response.status(201).json({ stored: true });
  });
  router.post('/jobs/:jobId/instrument-runs', async (request, response) => {
    const opened = await openPortRun(deps, who(request), jobAt(request), parseBody(portRunSchema, request.body));
    response.status(201).json({ ...opened, ...(deps.instrumentPort?.address() ?? {}) });
  });

  router.post('/runs/:runId/commands', async (request, response) => {
    await commandRun(deps, who(request), request.params.runId, parseBody(runCommandSchema, request.body));
    response.json({ accepted: true });
  });

  router.post('/runs/:runId/stop', async (request, response) => {
    await stopRun(deps, who(request), request.params.runId);
    response.json({ stopped: true });
  });

  router.post('/runs/:runId/resume', async (request, response) => {
    await resumeRun(deps, who(request), request.params.runId);
    response.json({ resumed: true });
  });

  router.post('/runs/:runId/log', async (request, response) => {
    const body = parseBody(logRowsSchema, request.body);
    response.status(201).json(await takeLog(deps, who(request), request.params.runId, body));
  });

  router.get('/runs/:runId/history', async (request, response) => {
    const run = await runFor(deps, who(request), request.params.runId);
    response.json(await historyOf(deps, run));
  });

  /** Server-sent events: first the history, then every batch as it is produced, with seq and durableSeq. */
  router.get('/runs/:runId/stream', async (request, response) => {
    const run = await runFor(deps, who(request), request.params.runId);
    // Gone while the run was looked up: there is nobody to stream to.
    if (request.destroyed || response.destroyed) return;
    const active = deps.hall.get(run.id);
    response.writeHead(200, {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-cache, no-transform',
      Connection: 'keep-alive',
    });
    deps.streams.add(request, response);
    const send = (event: string, data: unknown): void =>
      writeStream(response, `event: ${event}\ndata: ${JSON.stringify(data)}\n\n`);
    // Listen before reading the history, so that nothing falls between the two; the client drops what it has already.
    const early: StreamBatch[] = [];
    let ready = false;
    const listen = (message: StreamBatch): void => {
      if (ready) send('batch', message);
      else early.push(message);
    };
    active?.listeners.add(listen);
    const over = (): void => void response.end();
    active?.onEnd.add(over);
    // Signed out on another server, or revoked there: the stream ends here too.
    const beat = setInterval(() => {
      writeStream(response, ': beat\n\n');
      sessionStore.stands(deps.database, request.sessionID).then(
        (stands) => stands || response.end(),
        () => undefined,
      );
    }, HEARTBEAT_MS);
    response.on('close', () => {
      clearInterval(beat);
      active?.listeners.delete(listen);
      active?.onEnd.delete(over);
    });
    const history = await historyOf(deps, run);
    send('history', {
      v: STREAM_VERSION,
      ...history,
      rig: active ? rigView(active.feed, active.speed) : null,
      bench: active ? benchNow(active.feed, active.speed) : null,
      state: active ? 'running' : run.state,
    });
    ready = true;
    for (const message of early) send('batch', message);
    if (!active) response.end();
  });
  return router;
}
