import type { Router } from 'express';
import { NotFound } from '../../../db/problems.ts';
import { whoAsks, type Context } from '../../../http/context.ts';
import { asyncHandler } from '../../../http/handle.ts';
import { visit } from './service.ts';

export function visitRoutes(router: Router, { db, work, madeUpHouse, now }: Context): void {
  router.post(
    '/visit',
    asyncHandler((request) => {
      if (!madeUpHouse) throw new NotFound('made-up house', '');
      return visit(db, work, whoAsks(request), madeUpHouse, now());
    }),
  );
}
