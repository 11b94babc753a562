// npm run -s evaluate -- dossier.json
import { load } from './lib/bundle.mjs';

const { main } = await load('src/cli/evaluate.ts');
process.exitCode = await main(process.argv.slice(2), process.stdout, process.stderr);
