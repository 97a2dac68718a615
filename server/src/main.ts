import { networkInterfaces } from 'node:os';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { createServer } from './createServer';
import { isEveryInterface } from './hostCheck';
import { reachWords } from './reachWords';

const { values } = parseArgs({
  options: {
    port: { type: 'string', default: process.env['PORT'] ?? '4310' },
    host: { type: 'string', default: process.env['HOST'] ?? '127.0.0.1' },
    demo: { type: 'boolean', default: false },
    devices: { type: 'boolean', default: false },
    'allow-host': { type: 'string', multiple: true, default: [] },
  },
});

const folder = (path: string): string => fileURLToPath(new URL(path, import.meta.url));
const port = Number(values.port);
if (!Number.isInteger(port) || port < 0 || port > 65_535) {
  console.error(`not a port: ${values.port}`);
  process.exit(2);
}

const server = createServer({
  appFolder: folder('../../app/dist'),
  demoFolder: folder('../../demo/files'),
  startsOnDemo: values.demo,
  hasSimulatedDevices: values.demo || values.devices,
  host: values.host,
  allowedHosts: values['allow-host'],
}).listen(port, values.host, (error) => {
  if (error) {
    console.error(`Zinc Ladder could not start: ${error.message}. Another program may use port ${port}; choose one with --port.`);
    process.exit(1);
  }
  const address = server.address();
  const used = typeof address === 'object' && address ? address.port : port;
  console.log(`Zinc Ladder is at http://${isEveryInterface(values.host) ? '127.0.0.1' : values.host}:${used}`);
  const reach = reachWords(values.host, used, networkInterfaces());
  if (reach) console.log(reach);
});
for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => server.close(() => process.exit(0)));
