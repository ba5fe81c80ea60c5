// `npm run docs`: docs/science.md from the registry, the tables and the simulations; docs/formats.md from the shapes.
import { ensurePackages, run } from './setup.mjs';

ensurePackages({ quiet: true });
run(process.execPath, ['--import', 'tsx', 'src/cli/write-docs.ts']);
