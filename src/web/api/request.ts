import {
  problemSentence,
  problemType,
  type FieldProblem,
  type ProblemDocument,
} from '../../contract/problem';

/** The server could be reached and said no. */
export class ProblemError extends Error {
  readonly problem: ProblemDocument;

  constructor(problem: ProblemDocument) {
    super(problem.detail);
    this.name = 'ProblemError';
    this.problem = problem;
  }

  get fields(): FieldProblem[] {
    return this.problem.errors ?? [];
  }
}

/** The server could not be reached; nothing was lost, it can be tried again. */
export class Unreachable extends Error {
  constructor() {
    super('The server cannot be reached just now.');
    this.name = 'Unreachable';
  }
}

/** One request to the API: JSON or bytes in, JSON out, problems as errors. */
export async function request<T>(
  path: string,
  init: { method?: string; body?: unknown; bytes?: Blob; keepalive?: boolean } = {},
): Promise<T> {
  let response: Response;
  try {
    response = await fetch(path, {
      method: init.method ?? (init.body === undefined ? 'GET' : 'POST'),
      ...(init.keepalive && { keepalive: true }),
      ...(init.bytes && { headers: { 'content-type': init.bytes.type }, body: init.bytes }),
      ...(init.body !== undefined && {
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(init.body),
      }),
    });
  } catch {
    throw new Unreachable();
  }
  if (response.ok) return (await response.json()) as T;
  if (response.headers.get('content-type')?.includes(problemType)) {
    throw new ProblemError((await response.json()) as ProblemDocument);
  }
  throw new Unreachable();
}

/** What to tell people about an error, in a sentence or two. */
export function sayError(error: unknown): string {
  if (error instanceof ProblemError && error.fields.length > 0)
    return error.fields.map(problemSentence).join('. ');
  return error instanceof Error ? error.message : String(error);
}
