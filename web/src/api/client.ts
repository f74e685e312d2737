import createClient from 'openapi-fetch';
import type { paths } from './schema';
import type { FindingView } from './types';

/** What the server says when it refuses: application/problem+json with our additions. */
export interface Problem {
  status: number;
  detail: string;
  findings: FindingView[];
  currentVersion?: number;
  labels: string[];
  position?: number;
  nextSeq?: number;
}

export class ProblemError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }
}

export const NO_ANSWER = 0;
/** Another window was faster: what was sent is based on a version that is not the last one any more. */
export const STALE = 412;

export const api = createClient<paths>({ baseUrl: '' });

function problemOf(status: number, body: unknown): Problem {
  const given = (typeof body === 'object' && body !== null ? body : {}) as Partial<Problem>;
  return {
    ...given,
    status,
    detail: given.detail ?? 'The program does not answer. Is it still running?',
    findings: given.findings ?? [],
    labels: given.labels ?? [],
  };
}

/** The data of an answer, or a ProblemError; status 0 when there was no answer at all. */
export async function dataOf<T>(
  answer: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  let got;
  try {
    got = await answer;
  } catch {
    throw new ProblemError(problemOf(NO_ANSWER, {}));
  }
  if (!got.response.ok) {
    throw new ProblemError(problemOf(got.response.status, got.error));
  }
  return got.data as T;
}

export function problemIn(error: unknown): Problem {
  return error instanceof ProblemError ? error.problem : problemOf(NO_ANSWER, {});
}
