import { useWhen } from '../parts/when.ts';
import {} from '@oddment/core';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { Say } from '../parts/Fig.tsx';
import { refusal } from '../parts/refusal.ts';
import { api } from '../state/api.ts';
import { recordOf } from '../state/editing.ts';
import { doneWords, toldChanges, type Told } from '../views/history.ts';
import { usePlace } from './JobFrame.tsx';

function Change({ told }: { told: Told }) {
  const { job, edit, mayPlan } = usePlace();
  const navigate = useNavigate();
  const { last, rows, fields } = told;
  const when = useWhen()(last.at);
  const record = recordOf(job, last.id);
  return (
    <tr>
      <td>
        <b>{doneWords(last)}</b>
        <div className="quiet">
          {when}, {last.name}
        </div>
        {rows.map((r) => (
          <div key={r.key}>
            {r.about}: {r.was ? <Say saying={r.was} plain /> : <span className="quiet">not set</span>}
            {' → '}
            {r.now ? <Say saying={r.now} plain /> : <span className="quiet">not set</span>}
          </div>
        ))}
      </td>
      <td style={{ textAlign: 'right' }}>
        {mayPlan && record && rows.some((r) => r.key !== 'area') ? (
          <Button
            size="small"
            variant="outlined"
            aria-label={`Put back: ${doneWords(last)}, ${when}`}
            onClick={() => {
              edit.putBack(record, fields);
              void navigate(
                record.entity === 'defect'
                  ? `/jobs/${job.id}/walk/${last.id}`
                  : record.entity === 'area'
                    ? `/jobs/${job.id}/walk/area/${last.id}`
                    : `/jobs/${job.id}/walk`,
              );
            }}
          >
            Put back
          </Button>
        ) : null}
      </td>
    </tr>
  );
}

function Page({ of, before, onOlder }: { of: string | undefined; before: number | undefined; onOlder: ((before: number) => void) | undefined }) {
  const { job } = usePlace();
  const { data, error } = api.useChangesQuery({ jobId: job.id, ...(of !== undefined && { of }), ...(before !== undefined && { before }) });
  const oldest = data?.changes.at(-1)?.turn;
  return (
    <>
      {error === undefined ? null : <p role="alert">{refusal(error)}</p>}
      <table className="mixtable issued">
        <tbody>
          {toldChanges(data?.changes ?? []).map((told) => (
            <Change key={told.key} told={told} />
          ))}
        </tbody>
      </table>
      {data?.more === true && oldest !== undefined && onOlder ? (
        <Button
          variant="outlined"
          onClick={() => {
            onOlder(oldest);
          }}
        >
          Older
        </Button>
      ) : null}
    </>
  );
}

/** Who changed what in a job, or in one record of it, and the way to put it back. */
export function History() {
  const { recordId } = useParams();
  const { job } = usePlace();
  const [befores, setBefores] = useState<readonly (number | undefined)[]>([undefined]);
  const record = recordId === undefined ? undefined : recordOf(job, recordId);
  const name = record?.entity === 'defect' ? record.of.mark : record?.entity === 'area' ? record.of.name : undefined;
  return (
    <main className="pane sheet">
      <div className="title">
        <h1>What changed{name === undefined ? '' : ` in ${name}`}</h1>
        <span className="quiet">who, when, and from what to what</span>
        <span className="push" />
        {recordId === undefined ? null : <Link to={`/jobs/${job.id}/changes`}>The whole job</Link>}
        <a href={`/api/jobs/${job.id}/changes.csv`} download>
          CSV
        </a>
      </div>
      {befores.map((before, i) => (
        <Page
          key={String(before)}
          of={recordId}
          before={before}
          onOlder={
            i === befores.length - 1
              ? (next) => {
                  setBefores([...befores, next]);
                }
              : undefined
          }
        />
      ))}
    </main>
  );
}
