import { readFileSync, writeFileSync } from 'node:fs';
import { formatsDocument } from './formats';
import { scienceDocument } from './science';
import { withMatrix } from './security';

/** `npm run docs`: writes docs/science.md and docs/formats.md anew, and the matrix in docs/security.md. */
writeFileSync('docs/science.md', scienceDocument());
writeFileSync('docs/formats.md', formatsDocument());
writeFileSync('docs/security.md', await withMatrix(readFileSync('docs/security.md', 'utf8')));
