import type { Router } from 'express';
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
import { sheetFor } from '@/server/features/jobs/jobs-service';
import { writtenAgoS } from '@/server/features/late/late-writes';
import { sessionStore } from '@/server/features/people/session-store';
import { routesOf } from '@/server/route';
import { writeStream } from '@/server/streams';
import { benchNow } from './active-run';
import { openDeviceRun, takeDeviceLog } from './device-runs';
import { historyOf } from './history';
import { commandRun, openPortRun, resumeRun, runFor, startRun, stopRun } from './instruments-service';
import { takeLog } from './take-log';

const HEARTBEAT_MS = 5000;

export function instrumentsRoutes(deps: Deps): Router {
  const route = routesOf(deps);

  route.post('/jobs/:jobId/runs', { takes: newRunSchema }, async ({ person, at, body }) => {
    await startRun(deps, person, at, body);
    return await sheetFor(deps.database, person, at);
  });

  route.post('/jobs/:jobId/device-runs', { takes: deviceRunSchema }, ({ person, at, body }) =>
    openDeviceRun(deps, person, at, body),
  );
  route.post('/runs/:runId/device-log', { takes: deviceLogSchema }, async ({ person, body, params, request }) => {
    await takeDeviceLog(deps, person, params.runId, body, writtenAgoS(request));
    return { stored: true };
  });
  route.post('/jobs/:jobId/instrument-runs', { takes: portRunSchema }, async ({ person, at, body }) => {
    const opened = await openPortRun(deps, person, at, body);
    return { ...opened, ...(deps.instrumentPort?.address() ?? {}) };
  });

  route.post('/runs/:runId/commands', { takes: runCommandSchema, status: 200 }, async ({ person, body, params }) => {
    await commandRun(deps, person, params.runId, body);
    return { accepted: true };
  });

  route.post('/runs/:runId/stop', { status: 200 }, async ({ person, params }) => {
    await stopRun(deps, person, params.runId);
    return { stopped: true };
  });

  route.post('/runs/:runId/resume', { status: 200 }, async ({ person, params }) => {
    await resumeRun(deps, person, params.runId);
    return { resumed: true };
  });

  route.post('/runs/:runId/log', { takes: logRowsSchema }, ({ person, body, params }) =>
    takeLog(deps, person, params.runId, body),
  );

  route.get('/runs/:runId/history', async ({ person, params }) => {
    const run = await runFor(deps, person, params.runId);
    return await historyOf(deps, run);
  });

  /** Server-sent events: first the history, then every batch as it is produced, with seq and durableSeq. */
  route.get('/runs/:runId/stream', async ({ person, params, request, response }) => {
    const run = await runFor(deps, person, params.runId);
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
  return route.router;
}
