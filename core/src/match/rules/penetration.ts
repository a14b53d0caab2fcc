import { gelTime } from '../../cure/reaction.ts';
import { concreteWork } from '../../shelf/usual/concreteWork.ts';
import { gravityDepth, roughDepth } from '../../injection/gravityDepth.ts';
import { atLeast } from '../../quantity/round.ts';
import { say } from '../../quantity/saying.ts';
import type { Rule } from '../verdict.ts';

/** Whether a thin resin gets down the crack within its pot life at this temperature. */
export const penetrationRule: Rule = {
  id: 'penetration',
  title: 'Gets down the crack',
  judge: ({ ledger, system, subject }) => {
    const thin = system.penetration;
    const { widths, depth } = subject;
    if (!thin || !widths || !depth) return undefined;
    const potLifeMin = ledger.compute(gelTime, { gelAt23Min: ledger.sourced(thin.potLife), temperatureC: subject.slabC }, 'Pot life at this temperature');
    const narrowest = widths.reduce((a, b) => (b.value < a.value ? b : a));
    if (narrowest.value > 20) return undefined;
    const running = {
      widthMm: narrowest,
      viscosityMpas: ledger.sourced(thin.viscosity),
      potLifeMin,
      tensionMnm: ledger.sourced(thin.tension),
      contactDeg: ledger.sourced(thin.contact),
      densityKgL: ledger.sourced(thin.density),
    };
    const most = ledger.compute(gravityDepth, running, 'Gets down between smooth faces, at the most');
    const reach = ledger.compute(roughDepth, { ...running, roughness: ledger.sourced(concreteWork.figures.roughness) });
    const least = ledger.sourced(thin.leastReach);
    const base = { rule: penetrationRule.id, title: penetrationRule.title, value: reach, min: least, source: 'washburn' } as const;
    const whole = atLeast(reach.value, depth.value);
    if (whole)
      return {
        ...base,
        grade: 'fits',
        excess: 0,
        reason: () => say`It runs down the whole ${depth}: about ${reach} in its pot life, ${most} between faces as smooth as none are.`,
      };
    if (atLeast(reach.value, least.value))
      return {
        ...base,
        grade: 'care',
        excess: 0.2,
        reason: () => say`it gets about ${reach} down, the crack is ${depth} deep; ${most} would be the most, between smooth faces`,
      };
    return {
      ...base,
      grade: 'out',
      excess: 1 - reach.value / least.value,
      reason: () => say`it gets only about ${reach} down within its pot life, ${least} is the least worth filling`,
    };
  },
};
