import { raw } from 'express';
import { MAX_PICTURE, photoQuery } from '@stube/contract/photos/requests';
import { param, scopeOf, type SiteRoutes } from '../../../http/context.ts';
import { asyncHandler, read } from '../../../http/handle.ts';
import { addPhoto, pictureOf } from './service.ts';

export const photosRoutes: SiteRoutes = (router, context) => {
  router.post(
    '/rooms/:room/photos',
    raw({ type: 'image/jpeg', limit: MAX_PICTURE }),
    asyncHandler((request) =>
      addPhoto(scopeOf(request, context), param(request, 'room'), read(photoQuery, request.query), request.body),
    ),
  );
  router.get(
    '/photos/:id.jpg',
    asyncHandler(async (request, response) => {
      // A photograph never changes: only its row does.
      const picture = await pictureOf(scopeOf(request, context), param(request, 'id'));
      response.type('image/jpeg').setHeader('Cache-Control', 'private, max-age=31536000, immutable');
      response.send(picture);
    }),
  );
};
