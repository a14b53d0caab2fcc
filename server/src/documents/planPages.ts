import { areaWords, type Area, type Job } from '@oddment/core';
import { planDrawing, svgText } from '@oddment/drawing';
import type { Content } from 'pdfmake/interfaces.js';
import { documentFont } from './pdfDocument.ts';
import type { AreaPicture } from './pdfTask.ts';

const widthPx = 535;
/** upright ones are set narrower, so that two stand on a page */
const mostHeightPx = 340;

function pictureContent(area: Area, { id, caption, jpeg, widthPx: wide, heightPx: high }: AreaPicture): Content {
  const marks = area.defects.flatMap((d) => (d.spot?.photo === id ? [{ mark: d.mark, across: d.spot.across, down: d.spot.down }] : []));
  const width = Math.min(widthPx, (mostHeightPx * wide) / high);
  const image = { href: `data:image/jpeg;base64,${Buffer.from(jpeg).toString('base64')}`, widthPx: wide, heightPx: high };
  return {
    unbreakable: true,
    stack: [
      { text: `${areaWords(area)}${caption === '' ? '' : `: ${caption}`}`, bold: true, fontSize: 10.5, margin: [0, 8, 0, 2] },
      { svg: svgText(planDrawing(image, marks, width, documentFont)), width },
    ],
  };
}

/** The plans, sketches and elevations of areas with where the repairs lie on them, in the order of the areas. */
export function plansOfAreas(job: Job, pictures: readonly AreaPicture[]): Content[] {
  return job.areas.flatMap((area) => pictures.filter((p) => p.areaId === area.id).map((p) => pictureContent(area, p)));
}
