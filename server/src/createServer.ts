import { existsSync } from 'node:fs';
import { join } from 'node:path';
import compression from 'compression';
import type { ErrorRequestHandler, Express, RequestHandler } from 'express';
import express from 'express';
import helmet from 'helmet';
import { climateRoutes } from './climateRoutes';
import { checkHost } from './hostCheck';
import { colourRoutes } from './colourRoutes';

/** What a server serves. */
export interface ServerOptions {
  /** folder of the built application */
  readonly appFolder: string;
  /** folder of the demo's file */
  readonly demoFolder: string;
  /** whether a new browser starts on the demo; else it is there for whoever asks for it */
  readonly startsOnDemo: boolean;
  /** whether simulated devices answer; they are for the demo and for trying */
  readonly hasSimulatedDevices: boolean;
  /** what it listens on */
  readonly host: string;
  /** names it answers to beside those of this machine */
  readonly allowedHosts: readonly string[];
}

/** The server: the built application under strict headers, health, and the simulated devices. It keeps nothing. */
export function createServer({ appFolder, demoFolder, startsOnDemo, hasSimulatedDevices, host, allowedHosts }: ServerOptions): Express {
  const server = express();
  server.disable('x-powered-by');
  server.use(checkHost(host, allowedHosts));
  server.use(compression());
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
    response.json({ status: 'ok', demo: startsOnDemo, devices: hasSimulatedDevices ? 'simulated' : 'none' });
  });
  if (hasSimulatedDevices) {
    server.use('/api/climate', climateRoutes());
    server.use('/api', colourRoutes());
  }
  server.use('/api', (_request, response) => {
    response.status(404).json({ error: 'no such device' });
  });
  server.use('/demo', express.static(demoFolder, { index: false }), refuseUnknown);
  server.use(
    express.static(appFolder, {
      setHeaders: (response, path) => {
        // Built files carry their content's name; the page and the service worker must be asked for each time.
        response.setHeader('Cache-Control', /[/\\]assets[/\\]/u.test(path) ? 'public, max-age=31536000, immutable' : 'no-cache');
      },
    }),
  );
  // A view's address has no ending: what has one is a file that is not there, and a page in its place would be taken for it.
  server.use((request, response, next) => {
    if (request.path.startsWith('/assets/') || /\.[^/]*$/u.test(request.path)) refuseUnknown(request, response, next);
    else next();
  });
  server.get('/{*path}', (_request, response) => {
    const page = join(appFolder, 'index.html');
    if (existsSync(page)) response.setHeader('Cache-Control', 'no-cache').sendFile(page);
    else response.status(503).send('The application is not built yet: npm run build');
  });
  server.use(refuseFaulty);
  return server;
}

const refuseUnknown: RequestHandler = (_request, response) => {
  response.status(404).json({ error: 'there is no such file' });
};

/** What goes wrong is told by its kind alone: a path or a stack is nobody's business outside. Express knows it by its four arguments. */
const refuseFaulty: ErrorRequestHandler = (error: { readonly status?: number }, _request, response, next) => {
  if (response.headersSent) {
    next(error);
    return;
  }
  const status = error.status !== undefined && error.status >= 400 && error.status < 500 ? error.status : 500;
  response.status(status).json({ error: status === 500 ? 'the server could not answer that' : 'that cannot be asked for' });
};
