import { languageFor, textOf, withCodes, wordsIn } from '@idle-kettle/words';
import { message } from '@idle-kettle/words/message';
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
import { databaseInWords, type Trouble } from './database.ts';
import { BadInput, Conflict, NotFound } from './errors.ts';

/** Largest request body. */
export const MOST_BODY = '256kb';

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
  if (status >= 500) log.error(inLog(error, status, textOf(told)));
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
  response.status(status).type('application/problem+json').send(JSON.stringify(answer));
}

function troubleOf(error: unknown): Trouble {
  if (error instanceof BadInput || error instanceof Conflict || error instanceof NotFound)
    return { status: error.getStatus(), told: error.told };
  if (error instanceof HttpException) return { status: error.getStatus(), told: error.message };
  const said = databaseInWords(error);
  if (said !== null) return said;
  if (error instanceof ConnectionError || isGivenUp(error)) {
    return { status: 503, told: message('problems.databaseDoesNotAnswer') };
  }
  const type = bodyParserType(error);
  if (type === 'entity.too.large') {
    return { status: 413, told: message('problems.tooLarge', { most: MOST_BODY }) };
  }
  if (type === 'entity.parse.failed') return { status: 400, told: message('problems.notJson') };
  if (type !== null) return { status: 400, told: message('problems.unreadable') };
  if (error instanceof Error && 'code' in error && error.code === 'Z_DATA_ERROR')
    return { status: 400, told: message('problems.notCompressed') };
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

/** What Express’s body parser says went wrong; null for any other error. */
const bodyParserType = (error: unknown): string | null =>
  error instanceof Error && 'type' in error && typeof error.type === 'string' ? error.type : null;
