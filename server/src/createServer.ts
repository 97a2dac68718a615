import { existsSync } from 'node:fs';
import { join } from 'node:path';
import type { Express } from 'express';
import express from 'express';
import helmet from 'helmet';
import { climateRoutes } from './climateRoutes';
import { colourRoutes } from './colourRoutes';

/** What a server serves. */
export interface ServerOptions {
  /** folder of the built application */
  readonly appFolder: string;
  /** folder of the demo's file; null: no demo */
  readonly demoFolder: string | null;
}

/** The server: the built application under strict headers, health, and the simulated devices. It keeps nothing. */
export function createServer({ appFolder, demoFolder }: ServerOptions): Express {
  const server = express();
  server.disable('x-powered-by');
  server.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          // Menus and popovers place themselves by style attributes and small style elements; no script is let in by it.
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'blob:', 'data:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          workerSrc: ["'self'"],
          manifestSrc: ["'self'"],
          objectSrc: ["'none'"],
          baseUri: ["'none'"],
          formAction: ["'none'"],
          frameAncestors: ["'none'"],
        },
      },
      // It is served on the loopback address without TLS.
      strictTransportSecurity: false,
      referrerPolicy: { policy: 'no-referrer' },
    }),
  );
  server.get('/api/health', (_request, response) => {
    response.json({ status: 'ok', demo: demoFolder !== null });
  });
  server.use('/api/climate', climateRoutes());
  server.use('/api', colourRoutes());
  server.use('/api', (_request, response) => {
    response.status(404).json({ error: 'no such device' });
  });
  if (demoFolder !== null) server.use('/demo', express.static(demoFolder, { fallthrough: false, index: false }));
  server.use(
    express.static(appFolder, {
      setHeaders: (response, path) => {
        // Built files carry their content's name; the page and the service worker must be asked for each time.
        response.setHeader('Cache-Control', /[/\\]assets[/\\]/u.test(path) ? 'public, max-age=31536000, immutable' : 'no-cache');
      },
    }),
  );
  server.get('/{*path}', (_request, response) => {
    const page = join(appFolder, 'index.html');
    if (existsSync(page)) response.setHeader('Cache-Control', 'no-cache').sendFile(page);
    else response.status(503).send('The application is not built yet: npm run build');
  });
  return server;
}
