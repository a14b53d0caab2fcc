import { describe, expect, it } from 'vitest';
import { judged } from '../../test/cracks.ts';
import { surveyedPlan } from '../../test/defects.ts';
import { sidesDiffer } from './sidesDiffer.ts';

const box = { shape: { is: 'rectangle', widthMm: 400, heightMm: 300 } };
const differing = (kind: string, system: string, answers: Readonly<Record<string, unknown>> = {}) =>
  surveyedPlan(kind, answers, {}, { choice: { system, reason: 'tried' } })
    .schools.filter(sidesDiffer)
    .map((s) => s.question.id);

describe('whether it makes a difference which side is taken', () => {
  it('does where a step, a figure in one or a time is another', () => {
    expect(differing('concrete-spall', 'polymer-mortar-2k', { outline: box, depthMm: 30, traffic: 'foot' })).toContain('patch-edge');
    expect(differing('drywall-hole', 'board-plug', {})).toContain('plug-gap');
    expect(differing('wall-crack', 'epoxy-injection-resin', { lengthMm: 4000, wallMm: 300 })).toContain('port-spacing');
  });

  it('does not where the question is not about this place, nor where one side is barred', () => {
    expect(differing('plaster-hole', 'gypsum-plaster', { outline: box, position: 'wall', base: 'masonry' })).not.toContain('overhead-plaster');
    expect(differing('concrete-spall', 'polymer-mortar-2k', { outline: box, depthMm: 30, traffic: 'hard-wheels' })).not.toContain('patch-edge');
  });

  it('does not where nothing is planned', () => {
    expect(judged({ answers: { ground: 'rocks' } }).schools.filter(sidesDiffer)).toEqual([]);
  });

  it('does for a groove of resin and sand too', () => {
    expect(
      judged()
        .schools.filter(sidesDiffer)
        .map((s) => s.question.id),
    ).toContain('chase-depth');
  });
});
