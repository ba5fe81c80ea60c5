// `npm run docs`: docs/science.md from the registry, the tables and the simulations.
import { ensurePackages, run } from './setup.mjs';

ensurePackages({ quiet: true });
run(process.execPath, ['--import', 'tsx', 'src/cli/write-science.ts']);
