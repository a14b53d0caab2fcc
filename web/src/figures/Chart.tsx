import ApexCharts, { type ApexOptions } from 'apexcharts';
import type { QuantityKind, UnitSystem } from '@oddment/core';
import { useEffect, useRef } from 'react';
import { useStore } from '../state/store.ts';
import { niceTicks } from '../views/niceTicks.ts';

export interface ChartProps {
  /** what the picture shows, in words, for whoever does not see it */
  readonly label: string;
  readonly kind: 'line' | 'bar';
  readonly xTitle: string;
  readonly yTitle: string;
  readonly xKind?: QuantityKind;
  readonly yKind: QuantityKind;
  readonly units: UnitSystem;
  readonly xText: (x: number) => string;
  readonly yText: (y: number) => string;
  /** for a line its places; for bars their names */
  readonly xs: readonly number[] | readonly string[];
  readonly ys: readonly (number | undefined)[];
  /** the value that is looked at */
  readonly here?: { readonly x: number; readonly y: number; readonly text: string };
  /** lines across, such as a limit */
  readonly limits?: readonly { readonly y: number; readonly text: string }[];
  /** a line down, such as the foot of a lift */
  readonly upright?: { readonly x: number; readonly text: string };
}

const role = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim();

function optionsOf({ kind, xTitle, yTitle, xText, yText, xs, ys, here, limits = [], upright, xKind, yKind, units }: ChartProps, widthPx: number): ApexOptions {
  const [ink, ink2, rule, chalk, now] = ['ink', 'ink2', 'rule', 'chalk', 'now'].map(role) as [string, string, string, string, string];
  const positive = ys.filter((y): y is number => y !== undefined && y > 0);
  const wide = positive.length > 2 && positive.length === ys.filter((y) => y !== undefined).length && Math.max(...positive) / Math.min(...positive) > 60;
  const numbers = ys
    .filter((y): y is number => y !== undefined)
    .concat(
      limits.map((l) => l.y),
      here ? [here.y] : [],
    );
  const [low, high] = [Math.min(...numbers), Math.max(...numbers)];
  // a scale that begins at nothing, but for temperatures and what lies below it
  const yTicks = niceTicks(yKind === 'temperature' ? low : Math.min(0, low), high, yKind, units, 4);
  const places = kind === 'line' ? xs.map(Number) : [];
  const xTicks =
    xKind === undefined ? undefined : niceTicks(Math.min(...places), Math.max(...places), xKind, units, Math.max(2, Math.floor((widthPx - 110) / 105)));
  const label = (text: string, color: string) => ({
    text,
    borderColor: color,
    style: { background: role('sheet'), color, fontSize: '14px', fontFamily: 'Archivo Variable' },
  });
  return {
    chart: {
      type: kind,
      height: 290,
      animations: { enabled: false },
      toolbar: { show: false },
      zoom: { enabled: false },
      fontFamily: 'Atkinson Hyperlegible Next Variable',
      foreColor: ink2,
      background: 'transparent',
    },
    series: [
      { name: yTitle, data: kind === 'bar' ? xs.map((x, i) => ({ x: String(x), y: ys[i] ?? null })) : xs.map((x, i) => ({ x: Number(x), y: ys[i] ?? null })) },
    ],
    colors: [chalk],
    stroke: { width: kind === 'line' ? 3 : 0, curve: 'straight' },
    plotOptions: { bar: { columnWidth: '55%', borderRadius: 0 } },
    dataLabels: {
      enabled: kind === 'bar',
      formatter: (v: number) => yText(v),
      style: { colors: [ink], fontSize: '14px', fontFamily: 'Archivo Variable' },
      offsetY: -22,
    },
    ...(kind === 'bar' && { plotOptions: { bar: { columnWidth: '55%', borderRadius: 0, dataLabels: { position: 'top' } } } }),
    grid: { borderColor: rule },
    legend: { show: false },
    xaxis: {
      type: kind === 'bar' ? 'category' : 'numeric',
      title: { text: xTitle, style: { fontSize: '14px', fontWeight: 600, color: ink2 } },
      labels: { style: { fontSize: '14px' }, ...(kind === 'line' && { formatter: (v: string) => xText(Number(v)) }), hideOverlappingLabels: true, rotate: 0 },
      ...(xTicks && { min: xTicks.min, max: xTicks.max, tickAmount: xTicks.steps }),
      axisBorder: { color: ink2 },
      tooltip: { enabled: false },
    },
    yaxis: {
      title: { text: yTitle, style: { fontSize: '14px', fontWeight: 600, color: ink2 } },
      labels: { style: { fontSize: '14px' }, formatter: (v: number) => yText(v) },
      logarithmic: wide,
      ...(wide ? {} : { min: yTicks.min, max: yTicks.max, tickAmount: yTicks.steps }),
    },
    tooltip: {
      theme: document.documentElement.hasAttribute('data-dark') ? 'dark' : 'light',
      x: { formatter: (v: number) => (kind === 'line' ? xText(v) : String(xs[v - 1] ?? '')) },
      y: { formatter: (v: number | null) => (v === null ? '' : yText(v)) },
    },
    annotations: {
      points: here
        ? [
            {
              x: here.x,
              y: here.y,
              marker: { size: 7, fillColor: now, strokeColor: role('sheet'), strokeWidth: 2 },
              label: { ...label(here.text, now), offsetY: -6 },
            },
          ]
        : [],
      yaxis: limits.map((l) => ({
        y: l.y,
        borderColor: now,
        strokeDashArray: 5,
        label: { ...label(l.text, now), position: 'right', textAnchor: 'end', offsetX: -4 },
      })),
      xaxis: upright
        ? [{ x: upright.x, borderColor: ink2, strokeDashArray: 0, label: { ...label(upright.text, ink2), orientation: 'horizontal', offsetY: -6 } }]
        : [],
    },
  };
}

/** A chart in the colors of the look; the numbers stand in the page as well. */
export function Chart(props: ChartProps) {
  const host = useRef<HTMLDivElement>(null);
  const dark = useStore((s) => s.view.dark);
  const key = JSON.stringify([props.kind, props.xs, props.ys, props.here, props.limits, props.upright, props.xTitle, props.yTitle, props.units, dark]);
  const latest = useRef(props);
  useEffect(() => {
    latest.current = props;
  });
  useEffect(() => {
    if (!host.current) return;
    const chart = new ApexCharts(host.current, optionsOf(latest.current, host.current.clientWidth));
    void chart.render();
    return () => {
      chart.destroy();
    };
  }, [key]);
  return (
    <div className="chart" role="img" aria-label={props.label}>
      <div ref={host} aria-hidden="true" />
    </div>
  );
}
