import { paintWork } from '../../shelf/usual/paintWork.ts';
import { boardWork } from '../../shelf/usual/boardWork.ts';
import { alongMembers, openingToFraming } from '../../finishing/board.ts';
import { paintNeeded, screwCount } from '../../finishing/face.ts';
import { acrossRim, rimmedArea } from '../../geometry/outline.ts';
import { layeredSection } from '../../geometry/layeredSection.ts';
import { durationSum } from '../../mixing/workPace.ts';
import { say } from '../../quantity/saying.ts';
import type { Course } from '../course.ts';
import { faceArea, sides } from '../parts.ts';
import { jointsSet, membrane, openToFrame, screwBacker, waterTest } from '../words/boarding.ts';
import { inUse, paintDry } from '../words/finishing.ts';
import { waitLayer } from '../words/placing.ts';
import { framing } from './boardPatch.ts';
import { cover } from './fill.ts';

/** Behind tile in a wet place: cement backer and a membrane. */
export function wetWall(c: Course): void {
  const { ledger } = c;
  const [foundW, foundH] = sides(c);
  const spacing = framing(c);
  const width = ledger.compute(openingToFraming, { damageMm: foundW, spacingMm: spacing });
  const height = foundH;
  const area = faceArea(c, width, height, 'Opened');
  cover(c);
  c.work(openToFrame(width, height), c.byArea('chipSetUp', 'takeDownPerM2', area, 'Opening'));
  const edge = ledger.compute(
    screwCount,
    { lengthMm: height, spacingMm: c.of('screws'), endMm: c.get(boardWork.figures.screwFromEnd) },
    'Screws along an edge',
  );
  const screws = ledger.compute(alongMembers, { count: edge, widthMm: width, spacingMm: spacing }, 'Screws');
  c.work(screwBacker(screws, c.of('screws'), c.of('gap')), c.byCount('fitEach', 'screwEach', screws, 'Screwing backer on'), {
    uses: [c.use('board', 'Cement backer board', 'board', area), c.use('screws', 'Screws', 'fixing', screws)],
  });
  const mortar = c.fixed(c.of('mortarSet'));
  c.wait(jointsSet(mortar.minutes), mortar);
  const coats = c.of('coats');
  const lap = c.of('lap');
  const lapped = ledger.compute(rimmedArea, { widthMm: width, heightMm: height, rimMm: lap }, 'Membrane, lapped');
  const each = ledger.compute(
    paintNeeded,
    {
      areaMm2: lapped,
      coats: c.stated('One coat', 'count', 1),
      dryMm: c.of('coat'),
      solidsPct: c.of('solids'),
      transferPct: c.get(paintWork.figures.reaches),
      wastePct: c.get(paintWork.figures.inPot),
    },
    'Membrane, a coat',
  );
  const dry = c.film(c.of('dry'));
  for (let n = 1; n <= coats.value; n++) {
    if (n > 1) c.wait(waitLayer(dry.minutes, 'One even dark color; a fingertip leaves no mark.', 'coat'), dry);
    c.work(membrane(n, coats, each, lap), c.byArea('paintSetUp', 'skimPerM2', lapped, 'A coat of membrane'), {
      lift: n,
      uses: [c.use('membrane', 'Membrane', 'coating', each)],
    });
  }
  const last = c.last;
  c.wait(paintDry(dry.minutes, 'membrane', c.outdoors), dry);
  c.work(waterTest(c.of('test')), c.rate('readySetUp'));
  const ready = c.fixed(ledger.compute(durationSum, { durationMin: [dry.minutes, c.of('test')] }, 'Tile from'));
  c.ready(inUse('tile', ready.minutes, 'Dry behind after the test.'), ready, last);
  c.amount('area', 'Backer board', area);
  c.amount('screws', 'Screws', screws);
  c.amount('membrane', 'Membrane, a coat', each);
  c.amount('bearing', 'Bearing on the frame', c.of('bearing'));
  c.named = 'opened to the frame';
  const thick = c.get(boardWork.figures.backerBoard);
  c.sections.push(
    layeredSection({
      caption: say`Cut through, the wet face on top`,
      ground: 'board',
      behind: { material: 'frame', thicknessMm: 38, title: say`dry sound framing` },
      width,
      depth: thick,
      groundMm: thick.value,
      layers: [{ id: 'backer', material: 'mortar', thickness: thick, title: say`cement backer, screwed` }],
      films: Array.from({ length: coats.value }, (_v, i) => ({
        id: `membrane-${String(i + 1)}`,
        title: say`membrane ${String(i + 1)}`,
        detail: say`lapped ${lap} onto the old`,
        across: ledger.compute(acrossRim, { sizeMm: width, rimMm: lap }, 'Lapped'),
      })),
    }),
  );
}
