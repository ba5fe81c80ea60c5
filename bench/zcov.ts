import { coverage } from '/work/main/bench/coverage';
for (const f of coverage()) console.log(JSON.stringify({...f, expected: undefined, unit: undefined, expectedError: undefined}));
