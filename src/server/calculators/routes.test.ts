import { describe, expect, it } from 'vitest';
import { calculators } from '../../core/calculators';
import { runningApp } from '../testing/running-app';

describe('the HTTP door of the calculators', () => {
  it('answers as the registry does, and refuses with a problem document', async () => {
    const server = await runningApp();
    try {
      const { status, body } = await server.send('POST', '/api/calculators/stage-target', {
        seaLevelC: 150,
        altitudeM: 1200,
      });
      expect(status).toBe(200);
      expect((body as { result: { localC: number } }).result.localC).toBeCloseTo(146.01, 2);
      const refused = await server.send('POST', '/api/calculators/stage-target', { seaLevelC: 'hot' });
      expect(refused.status).toBe(422);
      expect(refused.body).toMatchObject({
        errors: [{ pointer: '/seaLevelC', value: 'hot', allowed: 'a number from 0 to 300 °C' }],
      });
      expect((await server.send('POST', '/api/calculators/nothing', {})).status).toBe(404);
      expect(((await server.get('/api/calculators')).body as object[]).length).toBe(calculators.length);
    } finally {
      await server.stop();
    }
  });
});
