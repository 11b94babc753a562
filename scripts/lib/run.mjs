import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import path from 'node:path';

export const ROOT = path.resolve(import.meta.dirname, '../..');
const env = { ...process.env, NEXT_TELEMETRY_DISABLED: '1' };
export const bin = (name) => path.join(ROOT, 'node_modules/.bin', name);

/** Runs a command with its output shown; true when it succeeds. */
export const run = (command, args, extra = {}) =>
  spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', env: { ...env, ...extra } }).status === 0;

/** Runs commands (name, arguments, name, arguments …) one after the other without waiting here, and shows what they said at their end; true when all succeed. */
export async function later(command, args, ...more) {
  const child = spawn(command, args, { cwd: ROOT, env, stdio: ['ignore', 'pipe', 'pipe'] });
  const said = [];
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (piece) => said.push(piece));
  const status = await new Promise((done) => {
    child.once('error', () => done(1)).once('close', done);
  });
  process.stdout.write(Buffer.concat(said));
  if (status !== 0) return false;
  return more.length === 0 || later(...more);
}

/** Starts a command that goes on. */
export const start = (command, args, extra = {}) =>
  spawn(command, args, { cwd: ROOT, stdio: 'inherit', env: { ...env, ...extra } });

const newest = (entry) => {
  if (!existsSync(entry)) return 0;
  const stat = statSync(entry);
  if (!stat.isDirectory()) return stat.mtimeMs;
  return Math.max(0, ...readdirSync(entry).map((name) => newest(path.join(entry, name))));
};

/** Installs from the lock file unless what is installed is what the lock file says. */
export function install() {
  const stamp = path.join(ROOT, 'node_modules/.jugator-lock');
  const lock = readFileSync(path.join(ROOT, 'package-lock.json'), 'utf8');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return true;
  console.log('Installing…');
  if (!run('npm', ['ci', '--no-audit', '--no-fund'])) return false;
  writeFileSync(stamp, lock);
  return true;
}

/** Builds unless the last build is newer than every source. */
export function build({ always = false } = {}) {
  const built = newest(path.join(ROOT, '.next/csp.json'));
  const sources = Math.max(
    ...[
      'src',
      'public/schemas',
      'next.config.ts',
      'package-lock.json',
      'scripts/postbuild.mjs',
    ].map((f) => newest(path.join(ROOT, f))),
  );
  if (!always && built > sources) return true;
  console.log('Building…');
  return run(bin('next'), ['build']) && run(process.execPath, ['scripts/postbuild.mjs']);
}

/** The first free port from `from` up. */
export async function freePort(from) {
  for (let port = from; port < from + 200; port += 1) {
    const free = await new Promise((done) => {
      const probe = createServer()
        .once('error', () => done(false))
        .once('listening', () => probe.close(() => done(true)));
      probe.listen(port);
    });
    if (free) return port;
  }
  throw new Error(`no free port from ${from} up`);
}
