import express from 'express';
import { gzip } from 'node:zlib';
import { promisify } from 'node:util';
import pg from 'pg';

const packed = promisify(gzip);

/** Serves one SELECT of the repairs of one job through Express alone, compressed as the server does: what a request costs at the least. */
export function serveBare(databaseUrl: string): void {
  const pool = new pg.Pool({ connectionString: databaseUrl, max: 10 });
  const app = express();
  app.get('/bare/:firm/:job', async (req, res) => {
    const { rows } = await pool.query('select d.* from defects d join areas a on a.id = d.area_id where a.firm_id = $1 and d.firm_id = $1 and a.job_id = $2', [
      req.params.firm,
      req.params.job,
    ]);
    res.set({ 'content-type': 'application/json', 'content-encoding': 'gzip' }).end(await packed(JSON.stringify(rows)));
  });
  const server = app.listen(0, '127.0.0.1', () => {
    const place = server.address();
    process.send?.({ port: typeof place === 'object' && place !== null ? place.port : 0 });
  });
  process.on('disconnect', () => process.exit(0));
}
