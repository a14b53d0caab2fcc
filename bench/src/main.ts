import { planRepair, planRecord, workOf } from '@oddment/core';
import { paper, sectionDrawing, svgText } from '@oddment/drawing';
import { benchJob } from './benchJob.ts';
import { daysRows } from './days.ts';
import { isMainThread } from 'node:worker_threads';
import { knowledgeRows } from './knowledge.ts';
import { answerMixed, mixedRows } from './mixed.ts';
import { offerRows } from './offers.ts';
import { serveBare } from './scale/bare.ts';
import { measureScale } from './scale/scale.ts';
import { measureServing } from './serving.ts';
import { whatIfTimes } from './whatIf.ts';

const rounds = 7;
const many = 1000;

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? 0;
}

function timed(act: () => void): number {
  const start = performance.now();
  act();
  return performance.now() - start;
}

function row(words: string, times: readonly number[], aim?: number): string {
  const ms = (n: number) => `${n.toFixed(n < 10 ? 2 : 0)} ms`;
  return `${words.padEnd(64)}${ms(median(times)).padStart(9)}   (${ms(Math.min(...times))} to ${ms(Math.max(...times))})${aim === undefined ? '' : `   aim ${ms(aim)}`}`;
}

async function measure(): Promise<void> {
  const inputs = Array.from({ length: many }, (_, i) => benchJob(i));

  function whole(input: ReturnType<typeof benchJob>): number {
    const plan = planRepair(input);
    const section = workOf(plan)?.section ?? (plan.state === 'planned' ? plan.section : undefined);
    if (!section) throw new Error('a plan of the bench is not complete');
    return svgText(sectionDrawing(section, { units: 'metric', timeZone: 'UTC', width: 640, height: 440, palette: paper, prefix: 'b' })).length;
  }

  // one before the measured rounds, so that the code is compiled
  for (const input of inputs) whole(input);

  const one: number[] = [];
  const thousand: number[] = [];
  const roundTrip: number[] = [];
  for (let round = 0; round < rounds; round++) {
    for (const input of inputs.slice(round * 20, round * 20 + 20)) one.push(timed(() => whole(input)));
    thousand.push(
      timed(() => {
        for (const input of inputs) whole(input);
      }),
    );
    // made one by one and outside the clock, so that a thousand records are not kept at once
    roundTrip.push(
      inputs.reduce((sum, input) => {
        const record = planRecord(planRepair(input));
        return (
          sum +
          timed(() => {
            JSON.parse(JSON.stringify(record));
          })
        );
      }, 0),
    );
  }
  const example = planRepair(benchJob(0));
  console.log(
    `Plans of slab cracks: Match over ${String(example.state === 'planned' ? example.candidates.length : 0)} systems, method, mix, schedule and drawing. Node ${process.version}, median of ${String(rounds)} rounds (least to most).`,
  );
  console.log(row('one plan with Match and drawing', one, 2));
  console.log(row(`${String(many)} plans with Match and drawing`, thousand, 800));
  console.log(row(`JSON round trip of the same ${String(many)} plans, for comparison`, roundTrip));

  for (const line of [...knowledgeRows(rounds, row), ...(await mixedRows(rounds, row))]) console.log(line);

  for (const line of [...daysRows(row), ...offerRows(rounds, row)]) console.log(line);

  console.log(row('a slider moved: plan, sheet across a worker, picture', whatIfTimes(), 50));

  const { ODDMENT_BENCH_ADDRESS: address, ODDMENT_BENCH_DATABASE: databaseUrl } = process.env;
  if (address !== undefined && databaseUrl !== undefined) {
    const { openP95Ms, bareP95Ms, requests, sheetsMs } = await measureServing(address, databaseUrl);
    console.log(
      `open a job of 40 defects: p95 ${openP95Ms.toFixed(1)} ms; a bare SELECT of the same rows through Express: p95 ${bareP95Ms.toFixed(1)} ms; ${(openP95Ms / bareP95Ms).toFixed(1)} times   aim 2.5 times   (${String(requests)} requests)`,
    );
    console.log(row('the sheets of a house of 34 repairs as PDF, over the API', sheetsMs, 5000));
  }
}

// the same bundle is the worker: there it judges, and nothing else
const { ODDMENT_BENCH_BARE: bareDatabase, ODDMENT_BENCH_FIRMS: firms, ODDMENT_BENCH_SPEED: speed, ODDMENT_BENCH_HOURS: hours } = process.env;
const { ODDMENT_BENCH_ADDRESS: server, ODDMENT_BENCH_DATABASE: owned } = process.env;
if (!isMainThread) answerMixed();
else if (bareDatabase !== undefined) serveBare(bareDatabase);
else if (firms !== undefined && server !== undefined && owned !== undefined)
  await measureScale({
    address: server,
    databaseUrl: owned,
    firms: Number(firms),
    speed: Number(speed),
    hours: Number(hours),
    log: (line) => {
      console.log(line);
    },
  });
else await measure();
