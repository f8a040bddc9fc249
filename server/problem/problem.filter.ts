import { languageFor, withCodes, wordsIn } from '@idle-kettle/words';
import type { Problem } from '@idle-kettle/contract';
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
import { databaseInWords } from './database.ts';
import { BadInput, Conflict } from './errors.ts';

/** Largest request body. */
export const MOST_BODY = '256kb';

type Trouble = { readonly status: number; readonly detail: string };

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
  const { status, detail } = troubleOf(error);
  if (status >= 500) log.error(inLog(error, status, detail));
  const problem: Problem = {
    type: 'about:blank',
    title: STATUS_CODES[status] ?? 'Error',
    status,
    detail,
    instance: request.path,
    faults: withCodes(
      error instanceof BadInput || error instanceof Conflict ? error.faults : [],
      wordsIn(languageFor(request.headers['accept-language'])),
    ),
  };
  response.status(status).type('application/problem+json').send(JSON.stringify(problem));
}

function troubleOf(error: unknown): Trouble {
  if (error instanceof HttpException) return { status: error.getStatus(), detail: error.message };
  const said = databaseInWords(error);
  if (said !== null) return said;
  if (error instanceof ConnectionError || isGivenUp(error)) {
    return {
      status: 503,
      detail: 'The database does not answer. Nothing was stored; try again shortly.',
    };
  }
  const type = bodyParserType(error);
  if (type === 'entity.too.large') {
    return { status: 413, detail: `The request is larger than ${MOST_BODY}; nothing was stored.` };
  }
  if (type === 'entity.parse.failed') return { status: 400, detail: 'The body is not JSON.' };
  if (type !== null) return { status: 400, detail: 'The body cannot be read.' };
  if (error instanceof Error && 'code' in error && error.code === 'Z_DATA_ERROR')
    return { status: 400, detail: 'The body is not compressed as its header says.' };
  return { status: 500, detail: 'Something went wrong here, not with what you sent.' };
}

/** What goes into the log of a trouble of ours: in words where the database has it, and where it came from for any other. */
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

/** What Express’s body parser says went wrong; null for any other error. */
const bodyParserType = (error: unknown): string | null =>
  error instanceof Error && 'type' in error && typeof error.type === 'string' ? error.type : null;
