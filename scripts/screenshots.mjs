// `npm run screenshots`: one current picture of each main view, from the demo data, into docs/screenshots/.
import { bin, ensureBuild, ensurePackages, ensureTestTools, run } from './setup.mjs';

ensurePackages();
const chromium = await ensureTestTools();
ensureBuild();
run(bin('playwright'), ['test', '--config', 'e2e/screenshots.config.ts'], {
  env: { CHROMIUM_PATH: chromium },
});
