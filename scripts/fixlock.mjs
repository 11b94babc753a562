// npm ci refuses a lock file from which npm dropped optional packages for other platforms; stubs for them make it pass.
// Run after every change of dependencies.
import { readFileSync, writeFileSync } from 'node:fs';

const lock = JSON.parse(readFileSync('package-lock.json', 'utf8'));
let stubs = 0;
for (const [place, entry] of Object.entries(lock.packages)) {
  for (const [name, range] of Object.entries(entry.optionalDependencies ?? {})) {
    const top = `node_modules/${name}`;
    if (
      lock.packages[`${place ? `${place}/` : ''}node_modules/${name}`] ||
      lock.packages[top] ||
      !/^\d/.test(range)
    )
      continue;
    const os = /darwin|win32|android|freebsd|linux|openharmony/.exec(name)?.[0];
    const cpu = /arm64|x64|ia32|arm|riscv64|ppc64|s390x|wasm32|loong64/.exec(name)?.[0];
    lock.packages[top] = {
      version: range,
      ...(cpu ? { cpu: [cpu] } : {}),
      ...(entry.dev ? { dev: true } : {}),
      optional: true,
      ...(os ? { os: [os] } : {}),
    };
    stubs += 1;
  }
}
writeFileSync('package-lock.json', `${JSON.stringify(lock, null, 2)}\n`);
console.log(`stubs ${stubs}`);
