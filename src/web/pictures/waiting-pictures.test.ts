import 'fake-indexeddb/auto';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { problemType } from '../../contract/problem';
import type { Entry, EntryBody } from '../../core/run';
import { ProblemError, Unreachable } from '../api/request';
import { boardDoor } from '../api/doors';
import { keepHere, sendPictures } from './waiting-pictures';

const board = boardDoor('r');
const hash = (letter: string) => letter.repeat(64);
const entry = (id: string, body: EntryBody): Entry => ({ id, station: 1, at: 0, offset: 0, body });
const photo = (letter: string): EntryBody => ({
  ...{ kind: 'photo', responseId: null, name: 'crumb', picture: hash(letter) },
});
const seen: EntryBody = { kind: 'deviation', text: 'seen' };

/** A server that answers every picture so; what it was sent. */
function server(answer: (address: string) => Response | Promise<Response>) {
  const sent: { address: string; bytes: string }[] = [];
  vi.stubGlobal('fetch', async (address: string, { method, body }: { method: string; body: Blob }) => {
    sent.push({ address: `${method} ${address}`, bytes: await new Response(body).text() });
    return answer(address);
  });
  return sent;
}
const kept = () => new Response('{}', { status: 201 });
const refuses = (allowed: string) =>
  new Response(
    JSON.stringify({
      ...{ type: '', title: '', status: 422, detail: 'no' },
      errors: [{ pointer: '/picture', field: 'picture', value: 'x', allowed }],
    }),
    { status: 422, headers: { 'content-type': problemType } },
  );
const picture = (words: string) => new Blob([words], { type: 'image/jpeg' });

describe('pictures on their way', () => {
  afterEach(() => vi.unstubAllGlobals());

  it('go before the entries that name them, each once, and are forgotten here when they are there', async () => {
    await keepHere(hash('a'), picture('bread'));
    const sent = server(kept);
    const entries = [
      entry('1', seen),
      entry('2', photo('a')),
      entry('3', { kind: 'correction', corrects: '2', to: photo('a') as never }),
      entry('4', { kind: 'correction', corrects: '2', to: null }),
    ];
    await sendPictures(entries, board);
    expect(sent).toEqual([{ address: `PUT /api/pictures/${hash('a')}`, bytes: 'bread' }]);
    // One that is not here any more was received before.
    await sendPictures(entries, board);
    expect(sent).toHaveLength(1);
  });

  it('stay here while the server is away, and go the next time', async () => {
    await keepHere(hash('b'), picture('cake'));
    server(() => Promise.reject(new TypeError('no network')));
    await expect(sendPictures([entry('1', photo('b'))], board)).rejects.toBeInstanceOf(Unreachable);
    const sent = server(kept);
    await sendPictures([entry('1', photo('b'))], board);
    expect(sent.map(({ bytes }) => bytes)).toEqual(['cake']);
  });

  it('that are refused blame only the entries that name them, in the server’s words', async () => {
    await keepHere(hash('c'), picture('not a picture'));
    server(() => refuses('a picture as JPEG, PNG or WebP'));
    const error = await sendPictures(
      [entry('1', seen), entry('2', photo('c')), entry('3', photo('d')), entry('4', photo('c'))],
      board,
    ).catch((reason: unknown) => reason);
    expect(error).toBeInstanceOf(ProblemError);
    expect((error as ProblemError).fields).toEqual(
      [1, 3].map((i) => ({
        pointer: `/entries/${i}/body/picture`,
        field: 'picture',
        value: 'x',
        allowed: 'a picture as JPEG, PNG or WebP',
      })),
    );
    // Nothing is thrown away: it can be sent again, should the server change its mind.
    expect(server(kept)).toEqual([]);
    const again = server(kept);
    await sendPictures([entry('2', photo('c'))], board);
    expect(again).toHaveLength(1);
  });
});
