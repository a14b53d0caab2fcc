import { choiceLabel, kindOf, relevantAsks, type PlannedPlan } from '@oddment/core';
import { Fig } from '../../parts/Fig.tsx';

const lookedAt = [
  'member',
  'movement',
  'moisture',
  'located',
  'traffic',
  'finish',
  'position',
  'oil',
  'joint',
  'binder',
  'base',
  'body',
  'rated',
  'softened',
  'wetArea',
  'loaded',
  'water',
  'shell',
  'part',
  'paint',
  'light',
];

export function Facts({ plan }: { plan: PlannedPlan }) {
  const table = kindOf(plan.defect.kind);
  const { subject } = plan;
  const { ground = 'surface' } = table;
  const figures = [
    ...plan.surveyed.measured.slice(0, 2).map((m) => [m.label, m.figure] as const),
    [`${ground.charAt(0).toUpperCase()}${ground.slice(1)}`, subject.slabC],
    ['Above the dew point', subject.dewMargin],
  ] as const;
  return (
    <dl className="facts facts-two">
      {figures.map(([label, figure]) => (
        <div key={label}>
          <dt>{label}</dt>
          <dd>
            <Fig figure={figure} />
          </dd>
        </div>
      ))}
      {relevantAsks(table, plan.defect.facts)
        .filter((a) => a.ask === 'choice' && plan.defect.facts[a.field] !== undefined && lookedAt.includes(a.field))
        .map((a) => (
          <div key={a.field}>
            <dt>{a.question}</dt>
            <dd>{choiceLabel(table, a.field, plan.defect.facts[a.field]?.value)}</dd>
          </div>
        ))}
    </dl>
  );
}
