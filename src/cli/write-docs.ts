import { writeFileSync } from 'node:fs';
import { formatsDocument } from './formats';
import { scienceDocument } from './science';

/** `npm run docs`: writes docs/science.md and docs/formats.md anew. */
writeFileSync('docs/science.md', scienceDocument());
writeFileSync('docs/formats.md', formatsDocument());
