// `npm run screenshots`: one current picture of each main view, from the demo data, into docs/screenshots/.
import { bin, ensureBuild, ensureChromium, ensurePackages, run } from './setup.mjs';

ensurePackages();
const chromium = ensureChromium();
ensureBuild();
run(bin('playwright'), ['test', '--config', 'e2e/screenshots.config.ts'], {
  env: { CHROMIUM_PATH: chromium },
});
