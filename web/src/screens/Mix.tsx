import {
  noWorkWords,
  plannedOf,
  takenAlong,
  whileHere,
  type Figure,
  type Mix as MixOf,
  type PlannedPlan,
  type PlannedWork,
  type WhileHere,
} from '@oddment/core';
import type { DefectRecord } from '@oddment/contracts';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { DefectList } from '../parts/DefectList.tsx';
import { SectionPicture } from '../parts/Drawing.tsx';
import { Fig, Say } from '../parts/Fig.tsx';
import { FigureRows } from '../parts/FigureRows.tsx';
import { LedgerContext } from '../parts/Working.tsx';
import { Incomplete } from './Incomplete.tsx';
import { usePlace } from './JobFrame.tsx';

/** The parts of a mix, in all and for one batch. */
function Parts({ mix }: { mix: MixOf }) {
  const each = mix.batches.value > 1 && mix.parts.some((p) => p.each);
  return (
    <table className="mixtable">
      <thead>
        <tr>
          <th scope="col">Part</th>
          <th scope="col">In all</th>
          {each ? <th scope="col">One batch</th> : null}
        </tr>
      </thead>
      <tbody>
        {mix.parts.map((p) => (
          <tr key={p.what}>
            <th scope="row">{p.what}</th>
            <td>
              <Fig figure={p.amount} />
            </td>
            {each ? <td>{p.each ? <Fig figure={p.each} /> : '–'}</td> : null}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

type Row = NonNullable<MixOf['goes']>[number] & { readonly times?: Figure };

/** A row a batch, or a go of one, each with its parts. */
function Rows({ title, rows }: { title: string; rows: readonly Row[] }) {
  const parts = [...new Set(rows.flatMap((row) => row.parts.map((p) => p.what)))];
  return (
    <table className="mixtable">
      <thead>
        <tr>
          <th scope="col">{title}</th>
          {parts.map((what) => (
            <th scope="col" key={what}>
              {what}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row, i) => (
          <tr key={i}>
            <th scope="row">
              <Say saying={row.title} />
              {row.times && row.times.value > 1 ? (
                <>
                  , <Fig figure={row.times} /> times
                </>
              ) : null}
            </th>
            {parts.map((what) => {
              const part = row.parts.find((p) => p.what === what);
              return <td key={what}>{part ? <Fig figure={part.amount} /> : '–'}</td>;
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What of a mix the person decides. */
function Decided({ choice, defect }: { choice: NonNullable<MixOf['choice']>; defect: DefectRecord }) {
  const { edit, mayPlan } = usePlace();
  return (
    <div className="choices" role="group" aria-label={choice.title} style={{ alignItems: 'baseline' }}>
      <b>{choice.title}</b>
      {choice.options.map(({ value, label }) => (
        <button
          type="button"
          key={value}
          disabled={!mayPlan}
          className={`plain${choice.value === value ? ' on' : ''}`}
          aria-pressed={choice.value === value}
          onClick={() => {
            edit.defect(defect, { [choice.field]: value });
          }}
        >
          {label}
        </button>
      ))}
      <span>
        <Say saying={choice.says} />
      </span>
    </div>
  );
}

function MixCard({ mix, defect }: { mix: MixOf; defect: DefectRecord }) {
  return (
    <section className="mixcard" aria-label={mix.title}>
      <h2>{mix.title}</h2>
      <p>
        {mix.batches.value > 1 ? (
          <>
            <Fig figure={mix.batches} /> batches,{' '}
          </>
        ) : (
          'One batch, '
        )}
        <Fig figure={mix.total} /> in all
        {mix.ninth ? (
          <>
            , nine times in ten no more than <Fig figure={mix.ninth} />
          </>
        ) : null}
        {mix.within ? (
          <>
            , {mix.batches.value > 1 ? 'each placed within' : 'placed within'}{' '}
            <b>
              <Fig figure={mix.within} />
            </b>
          </>
        ) : null}
        .
      </p>
      <Parts mix={mix} />
      {mix.rounds ? <Rows title="Each batch" rows={mix.rounds} /> : null}
      {mix.goes ? <Rows title={mix.batches.value > 1 ? 'Each batch' : 'Go by go'} rows={mix.goes} /> : null}
      {mix.choice ? <Decided choice={mix.choice} defect={defect} /> : null}
      <ul>
        {mix.says.map((one, i) => (
          <li key={i}>
            <Say saying={one} />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What else of the area is done with the same mix. */
function Beside({ found, jobId }: { found: readonly WhileHere[]; jobId: string }) {
  return (
    <section aria-label="While here, with the same mix">
      <h2 style={{ fontSize: 16, marginTop: 12 }}>While here, with the same mix</h2>
      <ul className="beside-mix">
        {found.map((f) => (
          <li key={f.defectId}>
            <LedgerContext.Provider value={f.figures}>
              <Link to={`/jobs/${jobId}/mix/${f.defectId}`}>{f.mark}</Link> <Fig figure={f.total} />, <Fig figure={f.handsOn} /> by hand
            </LedgerContext.Provider>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What is mixed: each mix with its parts in all and for one batch, and what it takes besides. */
function Mixes({ plan, work, defect }: { plan: PlannedPlan; work: PlannedWork; defect: DefectRecord }) {
  const { job, plans } = usePlace();
  const { goods, worn, sizes } = takenAlong(work);
  const here = useMemo(() => whileHere(plan, [...plans.values()]), [plan, plans]);
  const groups = [
    ['', goods],
    ['In packs', work.mixes.flatMap((m) => m.packs ?? [])],
    ['While it runs', work.mixes.flatMap((m) => m.running ?? [])],
    ['Counts and sizes', sizes],
  ] as const;
  return (
    <LedgerContext.Provider value={plan.ledger}>
      <div className="work mix">
        <DefectList job={job} plans={plans} stage="mix" current={defect.id} />
        <main className="pane sheet">
          <div className="title">
            <h1>
              {defect.mark}:{' '}
              {work.mixes.length === 0 ? 'nothing to mix' : work.mixes.length === 1 ? 'one mix' : `${String(work.mixes.length)} mixes, in this order`}
            </h1>
            <span className="quiet">
              {work.candidate.system.title}, {work.method.named}
            </span>
          </div>
          {work.mixes.length === 0 ? <p>Nothing is mixed for it: what it takes stands beside it.</p> : null}
          {work.mixes.map((mix) => (
            <MixCard key={mix.id} mix={mix} defect={defect} />
          ))}
          {work.mixes.length === 1 ? (
            <div className="drawn" style={{ marginTop: 10 }}>
              <SectionPicture section={work.section} width={656} height={270} />
            </div>
          ) : null}
        </main>
        <aside className="pane left-rule" aria-label="To take along">
          <h2 style={{ fontSize: 18 }}>Take along</h2>
          {goods.length === 0 ? (
            <p className="quiet">{work.mixes.length === 0 ? 'Nothing but its tools.' : 'Nothing besides what is mixed, and its tools.'}</p>
          ) : null}
          {groups.map(([title, rows]) =>
            rows.length === 0 ? null : (
              <div key={title}>
                {title === '' ? null : <h2 style={{ fontSize: 16, marginTop: 12 }}>{title}</h2>}
                <FigureRows rows={rows} />
              </div>
            ),
          )}
          {worn.length === 0 ? null : (
            <details style={{ marginTop: 12 }}>
              <summary>What wears out, in pieces and shares of one</summary>
              <FigureRows rows={worn} />
            </details>
          )}
          {here.length === 0 ? null : <Beside found={here} jobId={job.id} />}
          <h2 style={{ fontSize: 16, marginTop: 12 }}>Tools</h2>
          <p style={{ margin: 0 }}>{[...new Set(work.method.steps.flatMap((s) => s.tools))].join(', ')}.</p>
          <p>
            <Link to={`/jobs/${job.id}/sheet/${defect.id}`}>Sheet for print</Link>
          </p>
        </aside>
      </div>
    </LedgerContext.Provider>
  );
}

/** Mix: what goes into each batch, what is bought, what is thrown away. */
export function Mix() {
  const { job, plans, defect } = usePlace();
  const plan = plannedOf(defect && plans.get(defect.id));
  if (!defect || !plan) return <Incomplete stage="mix" />;
  const work = plan.work();
  if (work) return <Mixes plan={plan} work={work} defect={defect} key={defect.id} />;
  return (
    <div className="work mix">
      <DefectList job={job} plans={plans} stage="mix" current={defect.id} />
      <main className="pane sheet">
        <h1>{defect.mark}: nothing to mix</h1>
        <LedgerContext.Provider value={plan.ledger}>
          <p>
            <Say saying={noWorkWords(plan)} />
          </p>
        </LedgerContext.Provider>
        <Link to={`/jobs/${job.id}/match/${defect.id}`}>Go to Match</Link>
      </main>
    </div>
  );
}
