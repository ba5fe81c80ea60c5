import { calc } from './calc';

const { status, stdout, stderr } = calc(...process.argv.slice(2));
process.stdout.write(stdout);
process.stderr.write(stderr);
process.exitCode = status;
