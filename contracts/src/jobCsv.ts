import { kindOf, writeCsv, type Ask, type DepthGrid, type Fact, type Job, type Outline, type Station, type TappingMap } from '@oddment/core';

const stationsCell = (stations: readonly Station[]) => stations.map((s) => `${String(s.atMm)}:${String(s.widthMm)}`).join(' ');

function outlineCell(outline: Outline): string {
  if ('points' in outline) return outline.points.map((p) => `${String(p.xMm)},${String(p.yMm)}`).join(' ');
  const { is, ...sizes } = outline.shape;
  return [is, ...Object.values(sizes).map(String)].join(' ');
}

/** A fact in one cell: a number in its base unit, an answer by its value, a compound one in a line of its own kind. */
function cellOf(ask: Ask, fact: Fact<unknown> | undefined): string {
  if (fact === undefined) return '';
  switch (ask.ask) {
    case 'measure':
    case 'choice':
    case 'text':
      return String(fact.value);
    case 'stations':
      return stationsCell(fact.value as readonly Station[]);
    case 'outline':
      return outlineCell(fact.value as Outline);
    case 'depth-grid': {
      const grid = fact.value as DepthGrid;
      return [`x ${grid.xMm.join(' ')}`, `y ${grid.yMm.join(' ')}`, ...grid.depthMm.map((row) => row.join(' '))].join('; ');
    }
    case 'tapping': {
      const map = fact.value as TappingMap;
      return [String(map.cellMm), ...map.rows].join(' ');
    }
  }
}

/** The defects of a job as CSV (RFC 4180): a row each, a column for every fact that a kind in it asks for, named by its field with its unit. */
export function jobCsv(job: Job): string {
  const kinds = [...new Set(job.areas.flatMap((a) => a.defects.map((d) => d.kind)))].map(kindOf);
  const asks = new Map<string, Ask>();
  for (const kind of kinds) for (const ask of kind.asks) if (!asks.has(ask.field)) asks.set(ask.field, ask);
  const header = ['area', 'mark', 'kind', ...asks.keys(), 'note'];
  const rows = job.areas.flatMap((area) =>
    area.defects.map((d) => {
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
