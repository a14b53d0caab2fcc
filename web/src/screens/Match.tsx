import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import TextField from '@mui/material/TextField';
import type { DefectRecord } from '@oddment/contracts';
import {
  cautionsWhy,
  choiceLabel,
  cite,
  hasWork,
  isOtherWork,
  leftOpenRule,
  judgedSection,
  kindOf,
  matchRules,
  onTheShelf,
  partWords,
  plannedOf,
  relevantAsks,
  siteDateTime,
  type Candidate,
  type Caution,
  type PlannedPlan,
  type Verdict,
  type WorkPart,
} from '@oddment/core';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { DefectList } from '../parts/DefectList.tsx';
import { SectionIcon } from '../parts/Drawing.tsx';
import { Fig, Say } from '../parts/Fig.tsx';
import { useKeys } from '../parts/keys.ts';
import { Schools } from '../parts/Schools.tsx';
import { Stops } from '../parts/Stops.tsx';
import { useTelling } from '../parts/telling.tsx';
import { LedgerContext } from '../parts/Working.tsx';
import { api } from '../state/api.ts';
import { formDone, formKept } from '../state/drafts.ts';
import { trialPlan, usePlannedBy } from '../state/editing.ts';
import { useSend, useStore } from '../state/store.ts';
import { tried } from '../state/view.ts';
import { pageNow } from '../state/clock.ts';
import { limitLine } from '../views/limitLine.ts';
import { Incomplete } from './Incomplete.tsx';
import { usePlace } from './JobFrame.tsx';

const gradeWords = { fits: 'fits', care: 'fits with care', out: 'ruled out' } as const;
const gradeSigns = { fits: '✓', care: '△', out: '✕' } as const;

/** The usual cautions of a system here, with the parts of the work that they stand on. */
function Cautions({ cautions }: { cautions: readonly Caution[] }) {
  if (cautions.length === 0) return null;
  return (
    <details className="cautions">
      <summary>
        {cautions.length === 1 ? 'One caution' : `${String(cautions.length)} cautions`}: {[...new Set(cautions.map((c) => c.title.toLowerCase()))].join(', ')}
      </summary>
      <ul>
        {cautions.map((c) => (
          <li key={c.id}>
            <b>{c.title}</b>, {c.steps.map((p) => partWords[p as WorkPart]).join(', ')}: <Say saying={c.text} />{' '}
            <span className="quiet">({cite(c.source)})</span>
          </li>
        ))}
      </ul>
      <p className="quiet">{cautionsWhy}</p>
    </details>
  );
}

function Cost({ c, plan }: { c: Candidate; plan: PlannedPlan }) {
  const { visits, size } = c;
  const times = plan.timesOf(c);
  return (
    <div className="cost">
      {times ? <Fig figure={times.inUse} /> : c.ready ? <Fig figure={c.ready} /> : null}
      <small>
        {times ? (
          <>
            until it is used, <Fig figure={times.handsOn} /> by hand
          </>
        ) : (
          <>
            {c.ready ? 'from placing to use' : ''}
            {c.ready && size?.void ? ', ' : ''}
            {size?.void ? (
              <>
                <Fig figure={size.void} /> to fill
              </>
            ) : null}
          </>
        )}
      </small>
      {visits ? (
        <small>
          {visits.value === 1 ? (
            'one visit'
          ) : c.chain ? (
            `${String(visits.value)} visits`
          ) : (
            <>
              <Fig figure={visits} /> visits
            </>
          )}
        </small>
      ) : null}
    </div>
  );
}

function Icon({ c, plan }: { c: Candidate; plan: PlannedPlan }) {
  const work = plan.work();
  const { cut } = plan.surveyed;
  const section = work?.candidate.system.id === c.system.id ? work.section : cut ? judgedSection(cut, c.size) : plan.section;
  return section ? <SectionIcon section={section} width={62} height={44} /> : <span />;
}

function Said({ verdict }: { verdict: Verdict }) {
  return (
    <>
      {verdict.of === undefined ? null : <b>{verdict.of}: </b>}
      <Say saying={verdict.reason()} />
    </>
  );
}

function CandidateRow({ c, plan, on, chosen, onLook }: { c: Candidate; plan: PlannedPlan; on: boolean; chosen: boolean; onLook: () => void }) {
  const checked = c.verdicts.length;
  const first = c.against[0];
  const shown = first ?? c.verdicts.find((v) => v.rule === 'working-time') ?? c.verdicts[0];
  return (
    <div className={`cand${on ? ' on' : ''}`}>
      <Icon c={c} plan={plan} />
      <div>
        <h2>
          <button type="button" className="link cover" style={{ color: 'inherit', textDecoration: 'none', font: 'inherit' }} aria-pressed={on} onClick={onLook}>
            {c.system.title}
          </button>
        </h2>
        <span className={`grade ${c.grade}`}>
          {gradeSigns[c.grade]} {gradeWords[c.grade]}
          {c.grade === 'fits' ? `, ${String(checked)} of ${String(checked)} rules` : `: ${String(c.against.length)}`}
          {chosen ? ', chosen' : ''}
          {hasWork(c) ? '' : ', judged only'}
        </span>
        <p>{shown ? <Said verdict={shown} /> : null}</p>
      </div>
      <Cost c={c} plan={plan} />
    </div>
  );
}

function Limit({ verdict }: { verdict: Verdict }) {
  const { units } = useTelling();
  const line = limitLine(verdict, units);
  if (!line) return null;
  const w = 300;
  const x = (at: number) => 8 + at * (w - 16);
  return (
    <svg
      viewBox={`0 0 ${String(w)} 66`}
      width="100%"
      role="img"
      aria-label={`${line.valueText} measured${line.minText === undefined ? '' : `, at least ${line.minText}`}${line.maxText === undefined ? '' : `, at most ${line.maxText}`}`}
    >
      <path d={`M0 36H${String(w)}`} stroke="var(--rule)" strokeWidth="8" />
      <path d={`M${String(x(line.from))} 36H${String(x(line.to))}`} stroke="var(--ink2)" strokeWidth="8" />
      <path d={`M${String(x(line.value))} 20v32`} stroke="var(--ink)" strokeWidth="3" />
      <text x={Math.min(Math.max(x(line.value), 40), w - 40)} y="14" textAnchor="middle" fontSize="15" fontWeight="700" fill="var(--ink)">
        {line.valueText} here
      </text>
      {line.minText === undefined ? null : (
        <text x={Math.max(x(line.from), 22)} y="64" textAnchor="middle" fontSize="14" fill="var(--ink2)">
          {line.minText}
        </text>
      )}
      {line.maxText === undefined ? null : (
        <text x={Math.min(x(line.to), w - 22)} y="64" textAnchor="middle" fontSize="14" fill="var(--ink2)">
          {line.maxText}
        </text>
      )}
    </svg>
  );
}

function WholeTable({ candidates, onCell }: { candidates: readonly Candidate[]; onCell: (system: string, rule: string) => void }) {
  const rows = candidates.filter((c) => !isOtherWork(c));
  // only the questions that any of them asks
  const rules = [leftOpenRule, ...matchRules].filter((r) => rows.some((c) => c.verdicts.some((v) => v.rule === r.id)));
  const rank = { out: 2, care: 1, fits: 0 } as const;
  return (
    <div className="table-wrap">
      <table className="table">
        <thead>
          <tr>
            <th scope="col">System</th>
            {rules.map((r) => (
              <th scope="col" key={r.id}>
                {r.title}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((c) => (
            <tr key={c.system.id}>
              <th scope="row">{c.system.title}</th>
              {rules.map((r) => {
                // of a combination the member that minds most
                const v = c.verdicts
                  .filter((one) => one.rule === r.id)
                  .reduce<Verdict | undefined>((most, one) => (!most || rank[one.grade] > rank[most.grade] ? one : most), undefined);
                return (
                  <td key={r.id}>
                    {v ? (
                      <button
                        type="button"
                        className={`cell ${v.grade}`}
                        aria-label={`${c.system.title}, ${r.title}: ${gradeWords[v.grade]}`}
                        onClick={() => {
                          onCell(c.system.id, r.id);
                        }}
                      >
                        {gradeSigns[v.grade]}
                      </button>
                    ) : (
                      <span className="quiet" aria-label="not asked">
                        ·
                      </span>
                    )}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="quiet">{candidates.length - rows.length} systems of the shelf are for other work.</p>
    </div>
  );
}

const lookedAt = [
  'member',
  'movement',
  'moisture',
  'located',
  'traffic',
  'finish',
  'position',
  'oil',
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

function Facts({ plan }: { plan: PlannedPlan }) {
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

function Judged({ plan, defect }: { plan: PlannedPlan; defect: DefectRecord }) {
  const { job, plans, edit, mayPlan } = usePlace();
  const navigate = useNavigate();
  const [looking, setLooking] = useState<{ system: string; rule?: string }>();
  const [table, setTable] = useState(false);
  const [reasoning, setReasoning] = useState<Candidate>();
  const send = useSend();
  const reasonKey = `${defect.id} reason`;
  const kept = useStore((s) => s.drafts.forms[reasonKey]?.['reason']);
  const reason = typeof kept === 'string' ? kept : '';
  const setReason = (text: string) => send(formKept({ key: reasonKey, values: { reason: text } }));
  const { candidates, stops, planned } = plan;
  const fit = candidates.filter((c) => c.grade !== 'out');
  const out = candidates.filter((c) => c.grade === 'out' && !isOtherWork(c));
  const other = candidates.filter(isOtherWork);
  const inView = candidates.find((c) => c.system.id === (looking?.system ?? planned?.candidate.system.id)) ?? candidates[0];
  const verdict = inView && (inView.verdicts.find((v) => v.rule === looking?.rule) ?? inView.against[0] ?? inView.verdicts[0]);
  const hasMethod = inView !== undefined && hasWork(inView);
  const canChoose = mayPlan && inView !== undefined && !isOtherWork(inView);
  const { data: own } = api.useShelfQuery(undefined);
  const stocked = inView && own ? onTheShelf(inView.system, own.stock, own.products, pageNow().slice(0, 10)) : undefined;
  const isChosen = inView !== undefined && defect.choice?.system === inView.system.id;
  const onward = (has: boolean) => {
    if (has) void navigate(`/jobs/${job.id}/method/${defect.id}`);
  };
  const choose = () => {
    if (!inView || !canChoose) return;
    if (inView.grade === 'fits') {
      edit.defect(defect, { choice: { system: inView.system.id } });
      onward(hasMethod);
    } else {
      setReasoning(inView);
    }
  };
  useKeys({
    t: () => {
      setTable(!table);
    },
    c: choose,
  });
  const trial = useStore((s) => s.view.whatIf[defect.id]);
  const tryIt = (verdict: Verdict) => {
    const facts = verdict.facts?.();
    if (facts)
      send(
        tried({
          id: defect.id,
          what: { ...trial, facts: { defect: { ...trial?.facts?.defect, ...facts.defect }, area: { ...trial?.facts?.area, ...facts.area } } },
        }),
      );
  };
  const today = siteDateTime(pageNow(), job.timeZone).date;
  return (
    <LedgerContext.Provider value={plan.ledger}>
      <div className="work match">
        <DefectList job={job} plans={plans} stage="match" current={defect.id} />
        <main className="pane sheet">
          <div className="title">
            <h1>{defect.mark}: which system</h1>
            <span className="quiet">
              {kindOf(plan.defect.kind).title}, <Say saying={plan.surveyed.size} />
            </span>
            <span className="push" />
            <button
              type="button"
              className="link"
              aria-pressed={table}
              onClick={() => {
                setTable(!table);
              }}
            >
              {table ? 'The answer' : 'Whole table'}
              <kbd>T</kbd>
            </button>
          </div>
          {trial ? (
            <div className="doubt">
              <b>Trying out.</b> Not kept: what you see holds only if this were so.{' '}
              <button
                type="button"
                className="link"
                onClick={() => {
                  send(tried({ id: defect.id, what: undefined }));
                }}
              >
                Back to as measured
              </button>
            </div>
          ) : null}
          <Stops
            of={defect.id}
            stops={stops}
            today={today}
            onDecision={(d) => {
              edit.defect(defect, { decisions: [...defect.decisions.filter((one) => one.stop !== d.stop), d] });
            }}
            onAnswer={() => {
              void navigate(`/jobs/${job.id}/walk/${defect.id}`);
            }}
          />
          {table ? (
            <WholeTable
              candidates={candidates}
              onCell={(system, rule) => {
                setLooking({ system, rule });
              }}
            />
          ) : (
            <>
              {fit.length === 0 ? (
                <p>
                  <b>No system fits as it is.</b> What would have to change stands beside each one below.
                </p>
              ) : null}
              {fit.map((c) => (
                <CandidateRow
                  key={c.system.id}
                  c={c}
                  plan={plan}
                  on={c === inView}
                  chosen={defect.choice?.system === c.system.id}
                  onLook={() => {
                    setLooking({ system: c.system.id });
                  }}
                />
              ))}
              {out.length === 0 ? null : <h2 style={{ fontSize: 14, color: 'var(--ink2)', margin: '8px 0 2px' }}>Ruled out, nearest first</h2>}
              {out.map((c) => {
                const [first] = c.against;
                return (
                  <div className={`out-row${c === inView ? ' on' : ''}`} key={c.system.id}>
                    <button
                      type="button"
                      className="link cover"
                      style={{ color: 'inherit', textDecoration: 'none' }}
                      onClick={() => {
                        setLooking({ system: c.system.id });
                      }}
                    >
                      {c.system.title}
                    </button>
                    <span>
                      {first ? <Said verdict={first} /> : null}
                      {defect.choice?.system === c.system.id ? ' (chosen against this)' : ''}
                    </span>
                    <span className="change">{first?.change ? <Say saying={first.change()} plain /> : null}</span>
                  </div>
                );
              })}
              {other.length === 0 ? null : (
                <details className="other">
                  <summary>{other.length} systems for other work</summary>
                  {other.map((c) => (
                    <div className="out-row" key={c.system.id}>
                      <b>{c.system.title}</b>
                      <span>{c.against[0] ? <Say saying={c.against[0].reason()} plain /> : null}</span>
                      <span />
                    </div>
                  ))}
                </details>
              )}
            </>
          )}
          <h2 style={{ fontSize: 14, color: 'var(--ink2)', margin: '16px 0 2px' }}>What it is judged on</h2>
          <Facts plan={plan} />
        </main>
        <aside className="pane left-rule" aria-label="Why">
          {inView && verdict ? (
            <>
              <h2 style={{ fontSize: 17 }}>
                {inView.system.title}: {verdict.title.toLowerCase()}
              </h2>
              <p style={{ margin: '4px 0' }}>
                <span className={`grade ${verdict.grade}`}>
                  {gradeSigns[verdict.grade]} {gradeWords[verdict.grade]}.
                </span>{' '}
                <Said verdict={verdict} />
              </p>
              <Limit verdict={verdict} />
              {verdict.change ? (
                <p style={{ margin: '4px 0' }}>
                  What would change it:{' '}
                  <b>
                    <Say saying={verdict.change()} />
                  </b>
                  .{' '}
                  {verdict.facts ? (
                    <button
                      type="button"
                      className="link"
                      onClick={() => {
                        tryIt(verdict);
                      }}
                    >
                      Try it out
                    </button>
                  ) : null}
                </p>
              ) : null}
              {inView.against.length > 1 ? (
                <ul style={{ margin: '4px 0', paddingLeft: 18 }}>
                  {inView.against
                    .filter((v) => v !== verdict)
                    .map((v) => (
                      <li key={`${v.of ?? ''} ${v.rule}`}>
                        <button
                          type="button"
                          className="link"
                          style={{ font: 'inherit' }}
                          onClick={() => {
                            setLooking({ system: inView.system.id, rule: v.rule });
                          }}
                        >
                          {v.title}
                        </button>
                        : <Say saying={v.reason()} plain />
                      </li>
                    ))}
                </ul>
              ) : null}
              {stocked ? (
                <p style={{ margin: '4px 0' }}>
                  <Say saying={stocked} plain />
                </p>
              ) : null}
              <div className="src">
                {inView.system.chemistry}.{' '}
                {inView.size ? (
                  <>
                    Judged <Say saying={inView.size.assumed} />.{' '}
                  </>
                ) : null}
                Source: {cite(verdict.source)}.
              </div>
              <Cautions cautions={plan.cautionsOf(inView)} />
              <div style={{ margin: '10px 0' }}>
                {canChoose ? (
                  <Button variant="contained" fullWidth onClick={choose}>
                    {isChosen ? (hasMethod ? 'Chosen: go to Method' : 'Chosen') : inView.grade === 'fits' ? 'Choose' : 'Choose all the same'}
                    <kbd>C</kbd>
                  </Button>
                ) : (
                  <p className="quiet">{isOtherWork(inView) ? 'It is for other work.' : 'Choosing is for owners and estimators.'}</p>
                )}
                {hasMethod ? null : <p className="quiet">Judged only: Oddment has no method for it yet. A choice is kept, with its reason.</p>}
                {planned?.reason === undefined ? null : <p className="quiet">Chosen against the verdict, because: {planned.reason}</p>}
                {defect.choice && mayPlan ? (
                  <button
                    type="button"
                    className="link"
                    onClick={() => {
                      edit.defect(defect, { choice: undefined } as never);
                    }}
                  >
                    Take the choice back
                  </button>
                ) : null}
              </div>
            </>
          ) : null}
          <Schools schools={plan.schools} defect={defect} />
        </aside>
      </div>
      <Dialog
        open={reasoning !== undefined}
        onClose={() => {
          setReasoning(undefined);
        }}
        aria-labelledby="reason-title"
        fullWidth
        maxWidth="sm"
      >
        <form
          style={{ padding: '18px 20px', display: 'grid', gap: 12 }}
          onSubmit={(event) => {
            event.preventDefault();
            if (!reasoning || reason.trim().length < 3) return;
            edit.defect(defect, { choice: { system: reasoning.system.id, reason: reason.trim() } });
            setReasoning(undefined);
            send(formDone(reasonKey));
            onward(hasWork(reasoning));
          }}
        >
          <h2 id="reason-title" style={{ fontSize: 18 }}>
            Choose {reasoning?.system.title} all the same
          </h2>
          <p style={{ margin: 0 }}>
            {reasoning?.against.map((v) => (
              <span key={`${v.of ?? ''} ${v.rule}`}>
                <b>{v.title}:</b> <Say saying={v.reason()} plain />.{' '}
              </span>
            ))}{' '}
            The reason is kept with the repair and printed on its sheet. Stops still hold.
          </p>
          <TextField
            label="Reason"
            value={reason}
            onChange={(event) => {
              setReason(event.target.value.slice(0, 500));
            }}
            helperText="A few words: why it is right here."
            multiline
          />
          <div style={{ display: 'flex', gap: 8, justifyContent: 'flex-end' }}>
            <Button
              variant="outlined"
              onClick={() => {
                setReasoning(undefined);
              }}
            >
              Cancel
            </Button>
            <Button variant="contained" type="submit" disabled={reason.trim().length < 3}>
              Choose
            </Button>
          </div>
        </form>
      </Dialog>
    </LedgerContext.Provider>
  );
}

/** Match: every system against this defect, the answer first. */
export function Match() {
  const { job, area, plans, defect } = usePlace();
  const by = usePlannedBy();
  const trial = useStore((s) => (defect ? s.view.whatIf[defect.id] : undefined));
  const tryOut = useMemo(() => (by && defect && area && trial ? trialPlan(job, area, defect, by, trial) : undefined), [job, area, defect, by, trial]);
  const plan = tryOut ?? (defect && plans.get(defect.id));
  const judged = plannedOf(plan);
  return defect && judged ? <Judged plan={judged} defect={defect} key={defect.id} /> : <Incomplete stage="match" />;
}
