import { raw, type Request, type Response } from 'express';

/** What a file is sent as; no parser of bodies takes it in before it is known who sends it. */
export const FILE_TYPES = ['application/octet-stream', 'image/jpeg', 'image/png', 'image/webp'];

/**
 * The body of a request that is a file, read only now that whoever sends it may. Throws what a
 * parser of bodies throws where it is too large or breaks off, which the filter of problems knows.
 * @param most bytes
 */
export function fileOf(request: Request, response: Response, most: number): Promise<Buffer> {
  return new Promise((resolve, reject) => {
    raw({ type: FILE_TYPES, limit: most })(request, response, (error?: Error) => {
      if (error !== undefined) reject(error);
      else resolve(Buffer.isBuffer(request.body) ? request.body : Buffer.alloc(0));
    });
  });
}
