import {
  ownAnswer,
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

/** The server does not know who asks, or no longer; what was to be sent is kept until it does. */
export class SignedOut extends Error {
  constructor(detail: string) {
    super(detail);
    this.name = 'SignedOut';
  }
}

const whenSignedOut = new Set<() => void>();

/** Calls when the server says that nobody is signed in. */
export function onSignedOut(listener: () => void): () => void {
  whenSignedOut.add(listener);
  return () => whenSignedOut.delete(listener);
}

/** Longest a request may take, ms: after it the server counts as away. Bytes and files take longer. */
const timeOutMs = { ordinary: 15_000, bytes: 180_000 };

/** Ends a request after a while; older tablets do not know `AbortSignal.timeout`. */
function endAfter(ms: number): AbortSignal {
  const ending = new AbortController();
  setTimeout(() => ending.abort(), ms);
  return ending.signal;
}

/** One request to the API: JSON or bytes in, JSON out, problems as errors. */
export async function request<T>(
  path: string,
  init: {
    method?: string;
    body?: unknown;
    bytes?: Blob;
    keepalive?: boolean;
    heard?: (headers: Headers) => void;
  } = {},
): Promise<T> {
  let response: Response;
  try {
    response = await fetch(path, {
      signal: endAfter(init.bytes ? timeOutMs.bytes : timeOutMs.ordinary),
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
  // The page where one signs in to the network, say, answers anything with anything.
  if (!response.headers.has(ownAnswer)) throw new Unreachable();
  if (response.ok) init.heard?.(response.headers);
  const answer: unknown = await response.json().catch(() => {
    // Broken off half-way, or something between us and the server answered in its place.
    throw new Unreachable();
  });
  if (response.ok) return answer as T;
  if (!response.headers.get('content-type')?.includes(problemType)) throw new Unreachable();
  const problem = answer as ProblemDocument;
  if (problem.status !== 401) throw new ProblemError(problem);
  whenSignedOut.forEach((listener) => listener());
  throw new SignedOut(problem.detail);
}

/** What to tell people about an error, in a sentence or two. */
export function sayError(error: unknown): string {
  if (error instanceof ProblemError && error.fields.length > 0)
    return `${error.fields.map(problemSentence).join('. ')}.`;
  return error instanceof Error ? error.message : String(error);
}
