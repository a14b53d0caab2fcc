import Button from '@mui/material/Button';
import { choiceLabel, cite, clockTime, defectKinds, relevantAsks, siteDateTime, stepRows } from '@oddment/core';
import { useNavigate } from 'react-router';
import { SectionPicture } from '../parts/Drawing.tsx';
import { Fig, Say } from '../parts/Fig.tsx';
import { useTelling } from '../parts/telling.tsx';
import { LedgerContext } from '../parts/Working.tsx';
import { Incomplete } from './Incomplete.tsx';
import { usePlace } from './JobFrame.tsx';

/** The sheet for one repair, on one page: drawing, steps, quantities, cautions. */
export function Sheet() {
  const { job, plans, area, defect, units } = usePlace();
  const how = useTelling();
  const navigate = useNavigate();
  const plan = defect && plans.get(defect.id);
  if (!area || !defect || plan?.state !== 'judged') return <Incomplete stage="method" />;
  const { repair, planned, subject } = plan;
  const table = defectKinds[defect.kind];
  const answers = relevantAsks(table, defect.facts).filter((a) => a.ask === 'choice' && defect.facts[a.field] !== undefined && a.field !== 'claim');
  return (
    <LedgerContext.Provider value={plan.ledger}>
      <main className="page">
        <div className="no-print" style={{ display: 'flex', gap: 8, marginBottom: 10 }}>
          <Button variant="outlined" onClick={() => { void navigate(`/jobs/${job.id}/method/${defect.id}`); }} style={{ color: '#000' }}>Back</Button>
          <Button variant="contained" onClick={() => { globalThis.print(); }}>Print</Button>
          <Button variant="outlined" href={`/api/jobs/${job.id}/sheets.pdf?defect=${defect.id}&units=${units}`} style={{ color: '#000' }}>PDF</Button>
          <Button variant="outlined" href={`/api/jobs/${job.id}/sheets.pdf?units=${units}`} style={{ color: '#000' }}>PDF of the whole job</Button>
        </div>
        <div style={{ display: 'flex', gap: 12, alignItems: 'baseline', borderBottom: '2px solid #000' }}>
          <h1>{defect.mark}, {table.title}</h1>
          <span>{area.name}, {job.site}{job.client === '' ? '' : ` for ${job.client}`}</span>
          <span className="push" />
          <span>{siteDateTime(job.startAt, job.timeZone).date}, {job.people === 1 ? 'one person' : 'a pair'}</span>
        </div>
        <p style={{ margin: '4px 0' }}>
          <Fig figure={subject.length} /> long; {subject.widths.map((w, i) => <span key={w.id}>{i === 0 ? '' : ', '}<Fig figure={w} /> at {subject.stations[i] ? <Fig figure={subject.stations[i]} /> : null}</span>)}; <Fig figure={subject.depth} /> deep, slab <Fig figure={subject.slab} />; air <Fig figure={subject.airC} />, slab <Fig figure={subject.slabC} />, <Fig figure={subject.humidity} /> humidity, <Fig figure={subject.dewMargin} /> above the dew point. {answers.map((a) => choiceLabel(table, a.field, defect.facts[a.field]?.value)).join(', ')}.
        </p>
        {plan.stops.map((s) => (
          <section key={s.id} className={s.open ? 'halted' : 'decided'}>
            <b>{s.open ? 'STOP: ' : 'Decided: '}{s.title}.</b> <Say saying={s.why} /> {s.decision ? `${s.decision.who}, ${s.decision.capacity}, ${s.decision.on}: ${s.decision.what}` : `Who decides: ${s.who}.`} <span className="quiet">({cite(s.source)})</span>
          </section>
        ))}
        <SectionPicture section={plan.section} width={780} height={330} forPrint />
        {repair && planned ? (
          <>
            <h2>{planned.candidate.system.title}, {repair.method.size.named}{planned.by === 'proposal' ? ' (proposed, not chosen yet)' : ''}: <Fig figure={repair.schedule.total} />, <Fig figure={repair.schedule.handsOn} /> by hand</h2>
            {planned.reason === undefined ? null : <p style={{ margin: 0 }}>Chosen against the verdict, because: {planned.reason}</p>}
            {planned.candidate.against.map((v) => <p key={v.rule} style={{ margin: 0 }}><b>Care, {v.title.toLowerCase()}:</b> <Say saying={v.reason()} plain />. <span className="quiet">({cite(v.source)})</span></p>)}
            <table>
              <tbody>
                {stepRows(repair.schedule, how).map(({ key, time, timed, latest, more }) => (
                  <tr key={key}>
                    <td style={{ whiteSpace: 'nowrap', fontWeight: 700 }}>☐ {time}</td>
                    <td><b><Say saying={timed.step.title} /></b>: <Say saying={timed.step.detail} />{latest === undefined ? '' : <b>; begin before {latest}</b>}{more.length === 0 ? '' : `; then section ${more.map((m) => `${String(m.section)} at ${m.time}`).join(', ')}`}. <i><Say saying={timed.step.look} /></i></td>
                  </tr>
                ))}
              </tbody>
            </table>
            <div className="two">
              <div>
                <h2>Quantities</h2>
                <table><tbody>
                  {[['Groove as prepared', repair.method.size.void], ['As filled', repair.method.lifts.filled], ['Resin placed', repair.batch.resinPlaced], ['Dry sand', repair.batch.sandPlaced], ['Purged to waste', repair.batch.waste], ['Cartridges', repair.batch.cartridges], ['Static mixers', repair.batch.mixers], ['Sections', repair.method.sections.count], ['Purge half a mixer every', repair.batch.purgeEvery]].map(([label, figure]) => (
                    <tr key={label as string}><td>{label as string}</td><td style={{ textAlign: 'right' }}><Fig figure={figure as typeof repair.batch.waste} /></td></tr>
                  ))}
                </tbody></table>
              </div>
              <div>
                <h2>Cautions</h2>
                <ul>{repair.cautions.map((c) => <li key={c.id}><b>{c.title}.</b> <Say saying={c.text} /> <span className="quiet">({cite(c.source)})</span></li>)}</ul>
              </div>
            </div>
          </>
        ) : plan.held ? <p><b>The plan stops here until it is decided and recorded.</b></p> : <p><b>No system with a method fits this crack as it is.</b></p>}
        <p className="quiet" style={{ margin: '6px 0 0' }}>{plan.advice} Shown in {units === 'metric' ? 'metric' : 'US customary'} units; times of the site, made {clockTime(job.startAt, { timeZone: job.timeZone })} start.</p>
      </main>
    </LedgerContext.Provider>
  );
}
