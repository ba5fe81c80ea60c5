// `npm run test:throttled -- [8] [file …]`: each end-to-end file once, its pages with an eighth of the processor.
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { bin, ensureBuild, ensurePackages, ensureTestTools, root, run } from './setup.mjs';

const [rate = '8', ...asked] = process.argv.slice(2);
ensurePackages();
const chromium = await ensureTestTools();
ensureBuild();
const files =
  asked.length > 0 ? asked : readdirSync(join(root, 'e2e')).filter((name) => name.endsWith('.spec.ts'));
const red = [];
for (const file of files) {
  try {
    run(bin('playwright'), ['test', file, '--workers=1'], {
      env: { CHROMIUM_PATH: chromium, TAWNY_THROTTLE: rate },
    });
  } catch {
    red.push(file);
  }
}
process.stdout.write(`\n${files.length - red.length} passed, ${red.length} failed\n`);
if (red.length > 0) process.stdout.write(`red: ${red.join(', ')}\n`);
process.exit(red.length === 0 ? 0 : 1);
