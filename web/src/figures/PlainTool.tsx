import type { QuickTool, UnitSystem } from '@oddment/core';
import { useMemo } from 'react';
import { givenOf, kindsOf, ToolFields, ToolSaid } from './AskedMeasure.tsx';
import { useAsked } from './useAsked.ts';

/** A small tool that is told by its fields and its sentences alone. */
export function PlainTool({ tool, units: own }: { tool: QuickTool; units: UnitSystem }) {
  const kinds = useMemo(() => kindsOf(tool), [tool]);
  const asked = useAsked(own, kinds);
  const given = givenOf(asked, tool);
  const answer = given && tool.answer(given);
  return (
    <>
      <ToolFields asked={asked} tool={tool} answer={answer} />
      <ToolSaid answer={answer} how={{ units: asked.units, timeZone: 'UTC' }} />
    </>
  );
}
