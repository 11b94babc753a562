// npm run -s read -- text.txt
import { load } from './lib/bundle.mjs';

const { main } = await load('src/cli/read.ts');
process.exitCode = await main(process.argv.slice(2), process.stdout, process.stderr);
