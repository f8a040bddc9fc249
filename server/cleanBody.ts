import { unclean } from '@idle-kettle/contract';
import type { RequestHandler } from 'express';
import { BadInput } from './problem/errors.ts';
import { answerProblem } from './problem/problem.filter.ts';

/** Refuses bodies that are {@link unclean}, before anything looks at them. */
export const onlyCleanBodies: RequestHandler = (request, response, next) => {
  const faults = unclean(request.body);
  if (faults.length === 0) next();
  else answerProblem(new BadInput(faults), request, response);
};
