import { writeFileSync } from 'node:fs';
import { scienceDocument } from './science';

/** `npm run docs`: writes docs/science.md anew. */
writeFileSync('docs/science.md', scienceDocument());
