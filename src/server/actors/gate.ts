import express, { type Request, type RequestHandler, type Response, type Router } from 'express';
import type { ContractClass } from '../../contract/class-of';
import { withRoom } from '../db/patience';
import type { RecordSpec } from '../../core/shape';
import { bodyOf } from '../problems/body';
import { refuseBeyondLimits } from './json-limits';
import { Problem } from '../problems/problem';
import { allows, type Actor, type ActorFor, type Permission } from './actor';

export type Method = 'get' | 'post' | 'put';

/** A route as it is declared: who may call it, what it is for, what it takes and answers. */
export interface Declared<T = unknown> {
  method: Method;
  path: string;
  may: Permission;
  says: string;
  /** The class its body is checked against before the handler is called. */
  body?: ContractClass<T>;
  /** What its body is made of where the handler reads it itself, for the description. */
  takes?: RecordSpec;
  status?: number;
  type?: string;
  /** Reads its body where that is not JSON of ordinary size. */
  reads?: RequestHandler;
  /** What it writes names its author itself; any other write goes into the book of deeds. */
  signs?: boolean;
}

/** Bodies come as they are: one that unpacks to a thousand times its size is not unpacked. */
const json = express.json({
  ...{ limit: '2mb', strict: false, inflate: false },
  verify: (_request, _response, body) => refuseBeyondLimits(body),
});

export interface Call<A extends Actor, T = unknown> {
  actor: A;
  /** The body, sound; undefined where none is declared. */
  body: T;
  request: Request;
  response: Response;
}

/** Tells who asks. */
export type Recognise = (request: Request) => Promise<Actor>;

/** Writes down who did what, after it was done. */
export type WriteDown = (actor: Actor, deed: string, subject: string) => Promise<void>;

/**
 * The one way to put up a route: with its permission, checked before anything of the request is looked at, and with its
 * description, from which the OpenAPI document follows.
 */
export class Gate {
  readonly declared: Declared[] = [];
  readonly #router: Router;
  readonly #recognise: Recognise;
  readonly #writeDown: WriteDown;

  constructor(router: Router, recognise: Recognise, writeDown: WriteDown) {
    this.#router = router;
    this.#recognise = recognise;
    this.#writeDown = writeDown;
  }

  /** Puts up a route. What `handle` returns is sent as JSON; it may also answer by itself and return nothing. */
  route<P extends Permission, T>(
    declared: Declared<T> & { may: P },
    handle: (call: Call<ActorFor<P>, T>) => unknown,
  ): void {
    this.declared.push(declared);
    const { method, path, may, body: type, status = 200, reads = json, signs = false } = declared;
    const admit: RequestHandler = async (request, response, next) => {
      const actor = await this.#recognise(request);
      if (!allows(may, actor, request.params)) throw refusal(actor, may);
      response.locals.actor = actor;
      next();
    };
    const answer: RequestHandler = async (request, response) => {
      const actor = response.locals.actor as ActorFor<P>;
      const body = (type && bodyOf(type, request)) as T;
      // Never again from the top: what it has written stays written.
      const told = await withRoom(() => handle({ actor, body, request, response }));
      // It is done: that nobody could note it down must not be told as if it were not.
      if (method !== 'get' && !signs)
        await this.#writeDown(actor, `${method} ${path}`, request.path).catch(() => undefined);
      if (told !== undefined) response.status(status).json(told);
    };
    this.#router[method](path, admit, ...(method === 'get' ? [] : [reads]), answer);
  }
}

/** 401 where signing in or joining would help, 403 where it would not. */
function refusal(actor: Actor, may: Permission): Problem {
  if (may === 'station') {
    return actor.kind === 'nobody'
      ? new Problem(401, 'Not in', 'This tablet is not in at this station. Join with the code on its label.')
      : new Problem(
          403,
          'Another station',
          'This tablet belongs to another station. Join here with the code on its label.',
        );
  }
  if (actor.kind === 'teacher') {
    return new Problem(
      403,
      'For who administers',
      'Only a teacher who administers may do this. Nothing was changed.',
    );
  }
  return new Problem(401, 'Sign in', 'This is for teachers. Sign in first; nothing was changed.');
}
