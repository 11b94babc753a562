// npm run attack -- 1000-1050: riders, machines and catalogues made up from these seeds; looks long and in many ways for builds that beat the planner's. And dossiers drawn from the published schema, of which every screen is asked.
import { bin, run } from './lib/run.mjs';

const asked = process.argv[2] ?? '1000-1010';
if (!/^\d+-\d+$/.test(asked)) {
  console.error('Which seeds? As in: npm run attack -- 1000-1050');
  process.exit(1);
}
const args = [
  'run',
  'test/planner',
  'test/dossiers',
  '--disable-console-intercept',
  '--testTimeout=1200000',
];
process.exit(run(bin('vitest'), args, { JUGATOR_ATTACK: asked }) ? 0 : 1);
