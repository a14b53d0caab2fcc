import { cellOf, kindOf, withUsual, writeCsv, type Ask, type Job } from '@oddment/core';

/** The defects of a job as CSV (RFC 4180): a row each, a column for every fact that a kind in it asks for, named by its field with its unit. */
export function jobCsv(job: Job): string {
  const kinds = [...new Set(job.areas.flatMap((a) => a.defects.map((d) => d.kind)))].map(kindOf);
  const asks = new Map<string, Ask>();
  for (const kind of kinds) for (const ask of kind.asks) if (!asks.has(ask.field)) asks.set(ask.field, ask);
  const header = ['area', 'mark', 'kind', ...asks.keys(), 'note'];
  const rows = job.areas.flatMap((area) =>
    area.defects.map((defect) => {
      const d = withUsual(area, defect);
      const own = new Map(kindOf(d.kind).asks.map((ask) => [ask.field, ask]));
      return [
        area.name,
        d.mark,
        d.kind,
        ...[...asks.keys()].map((field) => {
          const ask = own.get(field);
          return ask ? cellOf(ask, d.facts[field]) : '';
        }),
        d.note ?? '',
      ];
    }),
  );
  return writeCsv([header, ...rows]);
}
