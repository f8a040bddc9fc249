import {
  Injectable,
  type CallHandler,
  type ExecutionContext,
  type NestInterceptor,
} from '@nestjs/common';
import { languageFor, withCodes, wordsIn } from '@idle-kettle/words';
import type { Request } from 'express';
import { map, type Observable } from 'rxjs';

/** Puts every message of an answer into the language that was asked for, with its code and values beside it. */
@Injectable()
export class InWordsInterceptor implements NestInterceptor<unknown, unknown> {
  intercept(context: ExecutionContext, next: CallHandler<unknown>): Observable<unknown> {
    const { headers } = context.switchToHttp().getRequest<Request>();
    const words = wordsIn(languageFor(headers['accept-language']));
    return next.handle().pipe(map((answer) => withCodes(answer, words)));
  }
}
