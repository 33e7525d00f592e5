import path from 'node:path';
import express, { type Express } from 'express';

/** The built application: hashed assets are immutable, the page itself is always asked for again. */
export function serveWeb(app: Express, webDir: string): void {
  app.use('/assets', express.static(path.join(webDir, 'assets'), { immutable: true, maxAge: '1y', fallthrough: true }));
  // A missing chunk must be a 404, not the page, or the browser would try to run HTML.
  app.use('/assets', (_request, response) => {
    response.sendStatus(404);
  });
  // What starts and renews the application without a network is always asked for again.
  app.get(['/sw.js', '/registerSW.js'], (request, response) => {
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(path.join(webDir, request.path));
  });
  app.use(express.static(webDir, { index: false, maxAge: '1h' }));
  app.get('/{*path}', (_request, response) => {
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(path.join(webDir, 'index.html'));
  });
}
