import { languageFor, textOf, withCodes, wordsIn } from '@idle-kettle/words';
import { message } from '@idle-kettle/words/message';
import type { Problem } from '@idle-kettle/contract';
import type { Fault } from '@idle-kettle/core';
import {
  Catch,
  HttpException,
  Logger,
  type ArgumentsHost,
  type ExceptionFilter,
} from '@nestjs/common';
import type { Request, Response } from 'express';
import { STATUS_CODES } from 'node:http';
import { ConnectionError, DatabaseError } from 'sequelize';
import { databaseInWords, type Trouble } from './database.ts';
import {
  BadInput,
  Conflict,
  NotAllowed,
  NotFound,
  NotSignedIn,
  Stopping,
  TooSoon,
} from './errors.ts';

/** Largest request body. */
export const MOST_BODY_BYTES = 256 * 1024;
/** The same as Express and people write it. */
export const MOST_BODY = `${MOST_BODY_BYTES / 1024}kb`;

/** What a body may be at most where one is too large, as its parser says. */
function mostOf(error: unknown): string {
  const { limit } = error as { readonly limit?: unknown };
  return typeof limit === 'number' ? `${Math.round(limit / 1024)}kb` : MOST_BODY;
}

/** Answers every error as RFC 9457 problem details. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  catch(error: unknown, host: ArgumentsHost): void {
    const http = host.switchToHttp();
    answerProblem(error, http.getRequest<Request>(), http.getResponse<Response>());
  }
}

const log = new Logger('Problem');

/** Answers one error; also for what fails before Nest is reached, such as reading the body. */
export function answerProblem(error: unknown, request: Request, response: Response): void {
  const { status, told } = troubleOf(error);
  // Requests that are refused during a shutdown are expected, and no errors.
  if (status >= 500 && !(error instanceof Stopping)) log.error(inLog(error, status, textOf(told)));
  const problem = {
    type: 'about:blank',
    title: STATUS_CODES[status] ?? 'Error',
    status,
    detail: told,
    instance: request.path,
    faults: error instanceof BadInput || error instanceof Conflict ? error.faults : [],
  };
  const answer: Problem = withCodes(
    problem,
    wordsIn(languageFor(request.headers['accept-language'])),
  );
  if (error instanceof TooSoon) response.setHeader('Retry-After', error.afterS);
  response.status(status).type('application/problem+json').send(withinBound(answer));
}

/** Longest answer to a bad request, bytes, and longest text in it, characters: whatever was sent. */
const MOST_ANSWERED = 20_000;
const MOST_TEXT = 400;

/** A problem as it is sent: long texts cut, and as many of its faults as there is room for. */
function withinBound(problem: Problem): string {
  const brief = (faults: readonly Fault[]) =>
    JSON.stringify(
      { ...problem, faults, moreFaults: problem.faults.length - faults.length || undefined },
      (_, value: unknown) =>
        typeof value === 'string' && value.length > MOST_TEXT
          ? `${value.slice(0, MOST_TEXT).toWellFormed()}…`
          : value,
    );
  let kept = problem.faults;
  for (;;) {
    const answer = brief(kept);
    if (kept.length === 0 || Buffer.byteLength(answer) <= MOST_ANSWERED) return answer;
    kept = kept.slice(0, Math.floor(kept.length / 2));
  }
}

function troubleOf(error: unknown): Trouble {
  if (
    error instanceof BadInput ||
    error instanceof Conflict ||
    error instanceof NotFound ||
    error instanceof NotSignedIn ||
    error instanceof NotAllowed ||
    error instanceof TooSoon ||
    error instanceof Stopping
  )
    return { status: error.getStatus(), told: error.told };
  if (error instanceof HttpException) return { status: error.getStatus(), told: error.message };
  const said = databaseInWords(error);
  if (said !== null) return said;
  if (error instanceof ConnectionError || isGivenUp(error)) {
    return { status: 503, told: message('problems.databaseDoesNotAnswer') };
  }
  const type = bodyParserType(error);
  if (type === 'entity.too.large') {
    return { status: 413, told: message('problems.tooLarge', { most: mostOf(error) }) };
  }
  if (type === 'entity.parse.failed') return { status: 400, told: message('problems.notJson') };
  if (type !== null) return { status: 400, told: message('problems.unreadable') };
  if (isCompression(error)) return { status: 400, told: message('problems.notCompressed') };
  return { status: 500, told: message('problems.ours') };
}

/**
 * What goes into the log of a trouble of ours: in words where the database has it, and where it
 * came from for any other.
 */
function inLog(error: unknown, status: number, detail: string): string {
  const what = error instanceof Error ? (error.stack ?? error.message) : String(error);
  return status === 500 ? what : `${detail} (${what.split('\n')[0]})`;
}

/** PostgreSQL’s code for a statement that was cancelled, as when its time was up. */
const CANCELLED = '57014';

/** Whether the database took too long: it gave the statement up, or did not answer at all. */
function isGivenUp(error: unknown): boolean {
  if (!(error instanceof Error)) return false;
  const original: unknown = error instanceof DatabaseError ? error.original : error;
  if (!(original instanceof Error)) return false;
  return (
    ('code' in original && original.code === CANCELLED) || original.message === 'Query read timeout'
  );
}

/** What zlib says of a body that is not compressed as it says, or that ends too soon. */
const isCompression = (error: unknown): boolean =>
  error instanceof Error &&
  'code' in error &&
  typeof error.code === 'string' &&
  /^Z_|^ERR_(_ERROR_FORMAT|BROTLI|ZLIB)/.test(error.code);

/** What Express’s body parser says went wrong; null for any other error. */
const bodyParserType = (error: unknown): string | null =>
  error instanceof Error && 'type' in error && typeof error.type === 'string' ? error.type : null;
