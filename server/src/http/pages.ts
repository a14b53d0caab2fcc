import express, { type Express } from 'express';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { notFound } from '../problem.ts';

/** The built page: hashed files for good, everything else afresh. */
export function mountPages(app: Express, webDir: string | undefined): void {
  if (webDir === undefined || !existsSync(webDir)) return;
  app.use('/assets', express.static(join(webDir, 'assets'), { immutable: true, maxAge: '365d', index: false }));
  app.use('/assets', () => {
    throw notFound('This part of the page');
  });
  app.use(express.static(webDir, { index: false, maxAge: 0 }));
  app.get('/{*splat}', (_req, res) => {
    res.set('Cache-Control', 'no-cache').sendFile(join(webDir, 'index.html'));
  });
}
