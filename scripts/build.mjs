// Builds the app, whatever stands there.
import { build } from './lib/run.mjs';

process.exit(build({ always: true }) ? 0 : 1);
