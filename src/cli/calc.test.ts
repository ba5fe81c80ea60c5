import { spawnSync } from 'node:child_process';
import { describe, expect, it } from 'vitest';
import { calculators } from '../core/calculators';
import { sampled } from '../core/random/testing/sampled';
import { calc, type Printed } from './calc';

/** Runs the command as the npm script does, as a process of its own. */
function asProcess(...args: string[]): Printed {
  const program = [process.execPath, '--import', 'tsx', 'src/cli/run-calc.ts'] as const;
  const { status, stdout, stderr } = spawnSync(program[0], [...program.slice(1), ...args], {
    encoding: 'utf8',
  });
  return { status: status as Printed['status'], stdout, stderr };
}

describe('the command line of the calculators', () => {
  it('lists every calculator with what its fields allow', () => {
    const { status, stdout, stderr } = calc('list');
    const { calculators: listed } = JSON.parse(stdout) as { calculators: { id: string; inputs: object }[] };
    expect([status, stderr]).toEqual([0, '']);
    expect(listed.map((one) => one.id)).toEqual(calculators.map((one) => one.id));
    expect(listed.find((one) => one.id === 'evaporation-time')!.inputs).toMatchObject({
      efficiency: { optional: true, default: 1 },
    });
  });

  it('prints one JSON object with inputs, result, working, sources and warnings', () => {
    const { status, stdout } = calc('water-boiling-point', '{"altitudeM":1609}');
    const answer = JSON.parse(stdout) as Record<string, unknown>;
    expect(status).toBe(0);
    expect(stdout.trim().split('\n')).toHaveLength(1);
    expect(Object.keys(answer)).toEqual(['id', 'inputs', 'result', 'working', 'sources', 'warnings']);
    // ISO 2533 at 1609 m is 83.43 kPa; steam tables give 94.6 °C there (from memory).
    expect((answer.result as { boilingC: number }).boilingC).toBeCloseTo(94.6, 1);
  });

  it('as a process it prints the same, and ends the same, for an answer and for a refusal', () => {
    for (const args of sampled(
      [['water-boiling-point', '{"altitudeM":1609}'], ['describe', '{values'], []],
      2,
    ))
      expect(asProcess(...args)).toEqual(calc(...args));
  });

  it.each([
    [['air-pressure', '{"altitudeM":90000}'], 'altitudeM', 90000],
    [['air-pressure', '{}'], 'altitudeM', null],
    [['air-pressure', '{"altitudeM":"high"}'], 'altitudeM', 'high'],
    [['air-pressure', '{"altitudeM":1e999}'], 'altitudeM', 'Infinity'],
    [['stage-target', '{"seaLevelC":150,"planet":"Mars"}'], 'planet', 'Mars'],
    [['no-such-thing', '{}'], 'id', 'no-such-thing'],
    [['describe', '{"values":[1]}'], 'values', [1]],
    [['describe', '{values'], 'inputs', '{values'],
    [['describe', '{}', 'more'], 'arguments', 'more'],
    [[], 'id', null],
  ])('refuses %j with exit code 2 and a JSON problem on standard error', (args, field, value) => {
    const { status, stdout, stderr } = calc(...args);
    const problem = JSON.parse(stderr) as { field: string; value: unknown; allowed: string };
    expect([status, stdout]).toEqual([2, '']);
    expect(problem).toMatchObject({ field, value });
    expect(problem.allowed.length).toBeGreaterThan(3);
  });
});
