// Installs and builds what is missing, then serves on the first free port from 3000 up. --demo: a first visit opens the example.
import { bin, build, freePort, install, start } from './lib/run.mjs';

const demo = process.argv.includes('--demo');
if (!install() || !build()) process.exit(1);
const port = process.env.PORT ?? String(await freePort(3000));
const server = start(bin('next'), ['start', '-p', port], demo ? { JUGATOR_EXAMPLE: '1' } : {});
console.log(
  `\nJugator is at http://localhost:${port}${demo ? ' (a first visit opens the example)' : ''}\n`,
);
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
