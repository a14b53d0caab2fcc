import { Lacks } from './Lacks.tsx';
import { fullDate, whoWords } from '@oddment/core';
import { Fragment, lazy, Suspense } from 'react';
import { mixLines, answersSentence, cautionsOn, cite, clockTime, fullDay, stepRows, type Figures, type Sheet, type SheetWork } from '@oddment/core';
import { useTelling } from './telling.tsx';
import { PrintedPicture } from './Drawings.tsx';
import { FirstsPrinted } from './Firsts.tsx';
import { Fig, Say } from './Fig.tsx';
import { LedgerContext } from './Working.tsx';

// whoever reads it on a screen needs no code
const PageCode = lazy(async () => ({ default: (await import('./PageCode.tsx')).PageCode }));

/** What is dangerous in a step, by the titles of its cautions. */
function Care({ titles }: { titles: readonly string[] }) {
  return titles.length === 0 ? null : <span className="care-of"> ▲ {titles.join(', ')}</span>;
}

function Work({ work }: { work: SheetWork }) {
  const how = useTelling();
  return (
    <>
      <h2>
        {work.title}, {work.named}
        {work.by === 'proposal' ? ' (proposed, not chosen yet)' : ''}: <Fig figure={work.schedule.total} />, <Fig figure={work.schedule.handsOn} /> by hand
      </h2>
      {work.reason === undefined ? null : <p style={{ margin: 0 }}>Chosen against the verdict, because: {work.reason}</p>}
      {work.cares.map((c) => (
        <p key={c.title} style={{ margin: 0 }}>
          <b>Care, {c.title.toLowerCase()}:</b> <Say saying={c.why} plain />. <span className="quiet">({cite(c.source)})</span>
        </p>
      ))}
      <table className="told">
        <tbody>
          {stepRows(work.schedule, how).map(({ key, day, time, timed, latest, more }) => (
            <Fragment key={key}>
              {day === undefined ? null : (
                <tr className="day">
                  <th scope="rowgroup" colSpan={2}>
                    {day}
                  </th>
                </tr>
              )}
              <tr>
                <td style={{ whiteSpace: 'nowrap', fontWeight: 700 }}>☐ {time}</td>
                <td>
                  <b>
                    <Say saying={timed.step.title} />
                  </b>
                  : <Say saying={timed.step.detail} />
                  {latest === undefined ? '' : <b>; begin before {latest}</b>}
                  {more.length === 0 ? '' : `; then section ${more.map((m) => `${String(m.section)} at ${m.time}`).join(', ')}`}.{' '}
                  <i>
                    <Say saying={timed.step.look} />
                  </i>
                  <Care titles={cautionsOn(work.cautions, timed.step.id)} />
                </td>
              </tr>
            </Fragment>
          ))}
        </tbody>
      </table>
      <div className={(work.mixes ?? []).length > 0 ? 'three' : 'two'}>
        <div>
          <h2>Quantities</h2>
          <table>
            <tbody>
              {work.quantities.map((q) => (
                <tr key={q.id}>
                  <td>{q.label}</td>
                  <td style={{ textAlign: 'right' }}>
                    <Fig figure={q.figure} />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        {(work.mixes ?? []).length === 0 ? null : (
          <div>
            {(work.mixes ?? []).map((m) => (
              <section key={m.id}>
                <h2>
                  {m.title}, <Fig figure={m.total} />
                  {m.batches.value > 1 ? (
                    <>
                      {' '}
                      in <Fig figure={m.batches} /> batches
                    </>
                  ) : null}
                </h2>
                <table>
                  <tbody>
                    {m.parts.map((p) => (
                      <tr key={p.what}>
                        <td>{p.what}</td>
                        <td style={{ textAlign: 'right' }}>
                          <Fig figure={p.amount} />
                        </td>
                      </tr>
                    ))}
                  </tbody>
                </table>
                <ul>
                  {m.within ? (
                    <li>
                      Placed within <Fig figure={m.within} />.
                    </li>
                  ) : null}
                  {mixLines(m).map((one, i) => (
                    <li key={i}>
                      <Say saying={one} />
                    </li>
                  ))}
                </ul>
              </section>
            ))}
          </div>
        )}
        <div>
          <h2>Cautions</h2>
          <ul>
            {work.cautions.map((c) => (
              <li key={c.id}>
                <b>{c.title}.</b> <Say saying={c.text} /> <span className="quiet">({cite(c.source)})</span>
              </li>
            ))}
          </ul>
        </div>
      </div>
    </>
  );
}

/** A sheet as paper: drawing, steps, quantities, cautions. */
export function SheetPage({ sheet, figures }: { sheet: Sheet; figures: Figures }) {
  const { units } = useTelling();
  return (
    <LedgerContext.Provider value={figures}>
      <div className="head">
        <h1>
          {sheet.mark}, {sheet.title}
        </h1>
        <span>
          {sheet.area}, {sheet.site}
          {sheet.client === '' ? '' : ` for ${sheet.client}`}
        </span>
        <span className="push" />
        <span>
          {fullDay(sheet.startAt, sheet.timeZone)}, {whoWords(sheet)}
        </span>
      </div>
      <Suspense fallback={null}>
        <PageCode />
      </Suspense>
      <p className="found-line">
        <Say saying={sheet.found} /> <span className={sheet.facts ? 'on-paper' : undefined}>{answersSentence(sheet)}</span>
      </p>
      {sheet.facts ? (
        <dl className="sheet-facts">
          {sheet.facts.map((f) => (
            <div key={f.question}>
              <dt>{f.question}</dt>
              <dd>{f.answer}</dd>
            </div>
          ))}
        </dl>
      ) : null}
      <Lacks sheet={sheet} />
      {sheet.stops.map((s) => (
        <section key={s.id} className={s.open ? 'halted' : 'decided'}>
          <b>
            {s.open ? 'STOP: ' : 'Decided: '}
            {s.title}.
          </b>{' '}
          <Say saying={s.why} />{' '}
          {s.decision ? `${s.decision.who}, ${s.decision.capacity}, ${fullDate(s.decision.on)}: ${s.decision.what}` : `Who decides: ${s.who}.`}{' '}
          <span className="quiet">({cite(s.source)})</span>
        </section>
      ))}
      <FirstsPrinted firsts={sheet.firsts} />
      <PrintedPicture section={sheet.section} height={330} />
      {(sheet.more ?? []).map((section, i) => (
        <PrintedPicture key={i} section={section} height={260} />
      ))}
      {sheet.work ? (
        <Work work={sheet.work} />
      ) : (
        <p>
          <b>
            <Say saying={sheet.nothing ?? []} />
          </b>
        </p>
      )}
      <p className="quiet" style={{ margin: '6px 0 0' }}>
        {sheet.advice} Shown in {units === 'metric' ? 'metric' : 'US customary'} units; times of the site, made{' '}
        {clockTime(sheet.startAt, { timeZone: sheet.timeZone })} start.
      </p>
    </LedgerContext.Provider>
  );
}
