import { judgeable, takenAlong, workOfPlan, type Figure, type JudgeablePlan, type JudgedPlan, type PlannedWork, type Repair } from '@oddment/core';
import { Link } from 'react-router';
import { DefectList } from '../parts/DefectList.tsx';
import { SectionPicture } from '../parts/Drawing.tsx';
import { Fig, Say } from '../parts/Fig.tsx';
import { LedgerContext } from '../parts/Working.tsx';
import type { DefectRecord } from '@oddment/contracts';
import { Incomplete } from './Incomplete.tsx';
import { usePlace } from './JobFrame.tsx';

function Amount({ figure, label }: { figure: Figure; label: string }) {
  return (
    <div className="amount">
      <span className="label">{label}</span>
      <span className="big">
        <Fig figure={figure} />
      </span>
    </div>
  );
}

function Mixed({ plan, repair, defect }: { plan: JudgedPlan; repair: Repair; defect: DefectRecord }) {
  const { job, plans, edit } = usePlace();
  const { batch, method } = repair;
  const { sections } = method;
  const many = sections.count.value > 1;
  return (
    <LedgerContext.Provider value={plan.ledger}>
      <div className="work mix">
        <DefectList job={job} plans={plans} stage="mix" current={defect.id} />
        <main className="pane sheet">
          <div className="title">
            <h1>
              {defect.mark}:{' '}
              {many ? (
                <>
                  each of <Fig figure={sections.count} /> sections of <Fig figure={sections.length} />
                </>
              ) : (
                'the whole crack in one section'
              )}
            </h1>
          </div>
          <p style={{ margin: '0 0 8px' }}>
            The slab gives <Fig figure={method.gel} /> until gel. {job.people === 2 ? 'A pair, one wetting and one sanding, can' : 'One person can'} do up to{' '}
            <Fig figure={sections.longest} /> in that, with a reserve.
          </p>
          <table className="mixtable">
            <thead>
              <tr>
                <th scope="col">Lift</th>
                <th scope="col">Thickness</th>
                <th scope="col">Wet the faces</th>
                <th scope="col">Sand in</th>
                <th scope="col">Resin on it</th>
              </tr>
            </thead>
            <tbody>
              {method.lifts.lifts.map((lift) => (
                <tr key={lift.n}>
                  <th scope="row">{lift.n}</th>
                  <td>
                    <Fig figure={lift.thickness} />
                    {lift.n === method.lifts.count.value ? (
                      <>
                        {' '}
                        + <Fig figure={method.lifts.proud} /> proud
                      </>
                    ) : null}
                  </td>
                  <td>{lift.n === 1 ? <Fig figure={method.lifts.wettingPerSection} /> : '–'}</td>
                  <td>
                    <Fig figure={lift.sandPerSection} />
                  </td>
                  <td>
                    <Fig figure={lift.resinPerSection} />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <div className="amounts">
            <Amount figure={batch.resinPlaced} label="Resin placed" />
            <Amount figure={batch.sandPlaced} label={method.choke ? 'Dry sand, with choke' : 'Dry sand'} />
            <Amount figure={method.size.void} label="Void as prepared" />
            <Amount figure={method.lifts.filled} label="As filled" />
          </div>
          <h2 style={{ fontSize: 16, marginTop: 10 }}>Sand</h2>
          <div style={{ display: 'flex', gap: 8, alignItems: 'baseline', flexWrap: 'wrap' }}>
            {(['one', 'two'] as const).map((s) => (
              <button
                type="button"
                key={s}
                className={`plain${(defect.sand ?? 'one') === s ? ' on' : ''}`}
                aria-pressed={(defect.sand ?? 'one') === s}
                onClick={() => {
                  edit.defect(defect, { sand: s });
                }}
              >
                {s === 'one' ? 'one size' : 'two sizes, blended'}
              </button>
            ))}
            <span>
              fills <Fig figure={method.packing} /> of the volume
              {method.fineShare ? (
                <>
                  ; fine sand <Fig figure={method.fineShare} /> of it
                </>
              ) : null}
              . <Say saying={batch.sandWay} />
            </span>
          </div>
          <div className="drawn" style={{ marginTop: 10 }}>
            <SectionPicture section={plan.section} width={656} height={290} />
          </div>
        </main>
        <aside className="pane left-rule" aria-label="To take along">
          <h2 style={{ fontSize: 18 }}>Take along</h2>
          <div className="amounts" style={{ gridTemplateColumns: '1fr 1fr' }}>
            <Amount figure={batch.cartridges} label="Cartridges" />
            <Amount figure={batch.mixers} label="Static mixers" />
          </div>
          <dl className="facts">
            <dt>Content of a cartridge</dt>
            <dd>
              <Fig figure={batch.cartridge} />
            </dd>
            <dt>Bought</dt>
            <dd>
              <Fig figure={batch.bought} />
            </dd>
            <dt>Placed</dt>
            <dd>
              <Fig figure={batch.resinPlaced} />
            </dd>
            <dt>Purged to waste</dt>
            <dd>
              <Fig figure={batch.waste} />
            </dd>
            <dt>Left in the last</dt>
            <dd>
              <Fig figure={batch.left} />
            </dd>
          </dl>
          <h2 style={{ fontSize: 18, marginTop: 14 }}>While it runs</h2>
          <dl className="facts">
            <dt>Purge half a mixer every</dt>
            <dd>
              <Fig figure={batch.purgeEvery} />
            </dd>
            <dt>Standing still longer: new mixer</dt>
            <dd>
              <Fig figure={batch.idleLimit} />
            </dd>
            <dt>Purges in all</dt>
            <dd>
              <Fig figure={batch.purges} />
            </dd>
          </dl>
          <ul style={{ margin: '8px 0', paddingLeft: 18 }}>
            {batch.atEveryCartridge.map((saying, i) => (
              <li key={i}>
                <Say saying={saying} />
              </li>
            ))}
          </ul>
          <Link to={`/jobs/${job.id}/sheet/${defect.id}`}>Sheet for print</Link>
        </aside>
      </div>
    </LedgerContext.Provider>
  );
}

/** What is mixed of any other family: each mix with its parts in all and for one batch, and what it takes besides. */
function Mixes({ plan, work, defect }: { plan: JudgeablePlan; work: PlannedWork; defect: DefectRecord }) {
  const { job, plans } = usePlace();
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
          {work.mixes.length === 0 ? <p>Nothing is mixed for it: what it takes stands on the right.</p> : null}
          {work.mixes.map((mix) => (
            <section key={mix.id} className="mixcard" aria-label={mix.title}>
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
                {mix.within ? (
                  <>
                    , each placed within{' '}
                    <b>
                      <Fig figure={mix.within} />
                    </b>
                  </>
                ) : null}
                .
              </p>
              <table className="mixtable">
                <thead>
                  <tr>
                    <th scope="col">Part</th>
                    <th scope="col">In all</th>
                    {mix.batches.value > 1 && mix.parts.some((p) => p.each) ? <th scope="col">One batch</th> : null}
                  </tr>
                </thead>
                <tbody>
                  {mix.parts.map((p) => (
                    <tr key={p.what}>
                      <th scope="row">{p.what}</th>
                      <td>
                        <Fig figure={p.amount} />
                      </td>
                      {mix.batches.value > 1 && mix.parts.some((one) => one.each) ? <td>{p.each ? <Fig figure={p.each} /> : '–'}</td> : null}
                    </tr>
                  ))}
                </tbody>
              </table>
              <ul>
                {mix.says.map((one, i) => (
                  <li key={i}>
                    <Say saying={one} />
                  </li>
                ))}
              </ul>
            </section>
          ))}
        </main>
        <aside className="pane left-rule" aria-label="To take along">
          <h2 style={{ fontSize: 18 }}>Take along</h2>
          <dl className="facts">
            {takenAlong(work).map((q) => (
              <div key={q.id} style={{ display: 'contents' }}>
                <dt>{q.label}</dt>
                <dd>
                  <Fig figure={q.figure} />
                </dd>
              </div>
            ))}
          </dl>
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

/** Mix: what goes into each batch or section, what is bought, what the mixers take. */
export function Mix() {
  const { job, plans, defect } = usePlace();
  const plan = defect && plans.get(defect.id);
  const judged = judgeable(plan);
  if (!defect || !judged) return <Incomplete stage="mix" />;
  const work = workOfPlan(plan);
  if (work) return <Mixes plan={judged} work={work} defect={defect} key={defect.id} />;
  if (judged.state === 'surveyed' || !judged.repair) {
    const held = judged.state === 'judged' ? judged.held : judged.match.held;
    return (
      <div className="work mix">
        <DefectList job={job} plans={plans} stage="mix" current={defect.id} />
        <main className="pane sheet">
          <h1>{defect.mark}: nothing to mix</h1>
          <p>{held ? 'A stop is open: quantities come when it is lifted.' : 'No system with a method fits it as it is.'}</p>
          <Link to={`/jobs/${job.id}/match/${defect.id}`}>Go to Match</Link>
        </main>
      </div>
    );
  }
  return <Mixed plan={judged} repair={judged.repair} defect={defect} key={defect.id} />;
}
