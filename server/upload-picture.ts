import type { Request, RequestHandler } from 'express';
import multer from 'multer';
import { refusal } from '@/core/finding/outcome';
import { badInput, Problem } from '@/server/errors/problem';
import { who } from '@/server/who';
import { tell } from '@/server/words/tell';

const MOST_BYTES = 20 * 1024 * 1024;
const receive = multer({
  storage: multer.memoryStorage(),
  limits: { fileSize: MOST_BYTES, files: 1, fields: 6, fieldSize: 2000 },
}).single('photo');

/** One picture with its few fields; what the parser refuses is said in our own words. */
export const onePicture: RequestHandler = (request, response, next) => {
  receive(request, response, (error: unknown) => {
    if (!error) return next();
    const code = (error as { code?: string }).code;
    if (code === 'LIMIT_FILE_SIZE')
      return next(
        new Problem('too-large', refusal('photo', tell('server.picture-is-too-large'), tell('server.up-to-20-mb'))),
      );
    next(badInput('photo', tell('server.upload-could-not-be-read'), tell('server.one-picture-in-field-photo')));
  });
};

/** The picture that came; a request without one is told so. */
export function pictureOf({ file }: Request): Buffer {
  if (file) return file.buffer;
  throw badInput('photo', tell('server.no-picture-came-with-it'), tell('server.one-picture-in-field-photo'));
}

/** Nobody’s upload is read before they are signed in. */
export const signedIn: RequestHandler = (request, _response, next) => {
  who(request);
  next();
};
