import { describe, expect, it, vi } from 'vitest';
import { Problem } from '../problems/problem';
import { Press } from './press';

/** Files whose making waits until it is let go; each fails then, which is an end too. */
function slowly() {
  const press = new Press(null);
  const held: (() => void)[] = [];
  const begin = (owner: string) => {
    try {
      return press.begin(
        owner,
        () =>
          new Promise((_, fail) => held.push(() => fail(new Problem(422, 'Nothing', 'Nothing to print.')))),
      ).id;
    } catch (error) {
      return (error as Problem).document.status;
    }
  };
  const letGo = async () => {
    await vi.waitFor(() => expect(held.length).toBeGreaterThan(0));
    held.shift()!();
  };
  return { press, begin, letGo };
}

describe('files that are begun', () => {
  it('nine by one person: some are refused at once, none that was begun is lost, and others have their turn', async () => {
    const { press, begin, letGo } = slowly();
    const own = Array.from({ length: 9 }, () => begin('a'));
    const begun = own.filter((one): one is string => typeof one === 'string');
    expect([begun.length, own.slice(begun.length)]).toEqual([4, Array(5).fill(503)]);
    const other = begin('b') as string;
    expect(typeof other).toBe('string');
    for (const id of [...begun, other]) {
      await letGo();
      await vi.waitFor(() => expect(press.state(id).failed).toBe('Nothing to print.'));
    }
    // The oldest of one’s own go when new ones are begun, and nobody else’s.
    const more = [begin('a'), begin('a')] as string[];
    expect(() => press.state(begun[0]!)).toThrow('There is no file');
    expect(press.state(begun[3]!).failed).not.toBeNull();
    expect(press.state(other).failed).not.toBeNull();
    for (const id of more) expect(press.state(id)).toMatchObject({ ready: false, failed: null });
  });

  it('of all together no more wait than can be made in a while', () => {
    const { begin } = slowly();
    const all = Array.from({ length: 60 }, (_, i) => begin(`teacher ${i}`));
    expect(all.filter((one) => typeof one === 'string')).toHaveLength(16);
    expect(new Set(all.slice(16))).toEqual(new Set([503]));
  });

  it('a page that nobody waits for any more is not made', async () => {
    const press = new Press(null);
    const asked = { title: 'Labels', paper: 'A4' as const, parts: [] };
    await expect(press.print(asked, () => false)).rejects.toThrow('has gone');
    const pdf = await press.print(asked, () => true);
    expect(Buffer.from(pdf.slice(0, 5)).toString()).toBe('%PDF-');
  });
});
