// @ts-check
import { fileURLToPath } from 'node:url';
import { createApp } from './app.mjs';

/** The usual address is fixed, since a browser keeps data by address. */
const port = Number(process.env.PORT ?? 4760);
const host = process.env.HOST ?? '127.0.0.1';
const school = process.env.MOON_STEP_SCHOOL === 'demo' ? 'demo' : 'own';

const entry = new URL('../dist/server/entry.mjs', import.meta.url);
const { handler } = await import(entry.href);
const folder = fileURLToPath(new URL('../dist/client', import.meta.url));
const app = await createApp({ folder, endpoints: handler, school });

app.on('error', (error) => {
  const busy = 'code' in error && error.code === 'EADDRINUSE';
  console.error(
    busy
      ? `Port ${port} on ${host} is taken by another program. Stop it, or choose another port: PORT=${port + 1} npm start`
      : `The server could not start: ${error.message}`,
  );
  process.exit(1);
});
app.listen(port, host, () => {
  const shown = host.includes(':') ? `[${host}]` : host;
  console.log(
    `Moon Step (${school === 'demo' ? 'demo school' : 'own school'}) stands at http://${shown}:${port}/`,
  );
});

for (const signal of ['SIGTERM', 'SIGINT']) {
  process.once(signal, () => {
    app.close(() => process.exit(0));
    app.closeIdleConnections();
    setTimeout(() => app.closeAllConnections(), 1500).unref();
  });
}
