import type { ErrorRequestHandler, RequestHandler } from 'express';
import {
  problemSentence,
  problemType,
  type FieldProblem,
  type ProblemDocument,
} from '../../contract/problem';
import { RefusedValue } from '../../core/bounds';
import { printable } from '../../core/shape';

/** A request that cannot be done, with what the client should know about it. */
export class Problem extends Error {
  readonly document: ProblemDocument;

  constructor(status: number, title: string, detail: string, more: Record<string, unknown> = {}) {
    super(detail);
    this.name = 'Problem';
    this.document = { type: 'about:blank', title, status, detail, ...more };
  }

  /** One that was thrown in another thread. */
  static from({ status, title, detail, type, ...more }: ProblemDocument): Problem {
    return new Problem(status, title, detail, { type, ...more });
  }
}

/** 422 with one entry a field. */
export function refusedFields(errors: readonly FieldProblem[]): Problem {
  const detail = errors.map(problemSentence).slice(0, 3).join('. ');
  return new Problem(422, 'Something in this is not allowed', detail, { errors });
}

/** 422 about one field. */
export function refusedField(pointer: string, value: unknown, allowed: string): Problem {
  // An item of a list is named with its list: /values/1 is values[1].
  const field =
    pointer
      .replace(/\/(\d+)(?=\/|$)/g, '[$1]')
      .split('/')
      .at(-1) ?? '';
  return refusedFields([{ pointer, field, value: printable(value), allowed }]);
}

export function notFound(what: string, id: string): Problem {
  return new Problem(404, 'Not found', `There is no ${what} ${id}.`);
}

/** Anything under /api that no route took. */
export const unknownRoute: RequestHandler = (request) => {
  throw new Problem(
    404,
    'Not found',
    `There is nothing at ${request.method} ${request.originalUrl.split('?')[0]}.`,
  );
};

/** Turns whatever was thrown into a problem document. */
export function problemHandler(log: { error(details: object, text: string): void }): ErrorRequestHandler {
  return (error: unknown, request, response, next) => {
    if (response.headersSent) {
      next(error);
      return;
    }
    const document = documentFor(error);
    if (document.status >= 500) log.error({ err: error, path: request.path }, 'request failed');
    response.status(document.status).type(problemType).send(JSON.stringify(document));
  };
}

function documentFor(error: unknown): ProblemDocument {
  if (error instanceof Problem) return error.document;
  if (error instanceof RefusedValue) {
    return refusedField(error.pointer, error.value, error.allowed).document;
  }
  const { status, type } = error as { status?: number; type?: string };
  if (type === 'entity.parse.failed') {
    return new Problem(400, 'Not JSON', 'The body could not be read as JSON. Nothing was kept.').document;
  }
  if (type === 'entity.too.large') {
    return new Problem(
      413,
      'Too large',
      'The body is larger than this route takes. Send it in smaller batches.',
    ).document;
  }
  if (status !== undefined && status >= 400 && status < 500) {
    return new Problem(status, 'Bad request', (error as Error).message).document;
  }
  return new Problem(500, 'Something went wrong here', 'Nothing you sent was changed. Try again.').document;
}
