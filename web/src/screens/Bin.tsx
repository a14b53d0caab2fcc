import { whenHere } from '../parts/when.ts';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import { v4 as uuid } from 'uuid';
import { Bar } from '../parts/Bar.tsx';
import { refusal } from '../parts/refusal.ts';
import { api } from '../state/api.ts';
import { useStore } from '../state/store.ts';
import { binWords } from '../views/history.ts';

/** What was deleted within the last thirty days, and the way to bring it back. */
export function Bin() {
  const { data, error } = api.useBinQuery(undefined);
  const [restore, { error: refused }] = api.useRestoreMutation();
  const units = useStore((s) => s.view.units ?? 'metric');
  return (
    <div className="frame" style={{ gridTemplateRows: 'auto minmax(0, 1fr)' }}>
      <Bar units={units} />
      <main className="pane sheet" style={{ padding: '18px 22px' }}>
        <div className="title">
          <h1 style={{ fontSize: 24 }}>Deleted</h1>
          <span className="quiet">kept for thirty days</span>
          <span className="push" />
          <Link to="/">All jobs</Link>
        </div>
        {error === undefined ? null : <p role="alert">{refusal(error)}</p>}
        {refused === undefined ? null : <p role="alert">{refusal(refused)}</p>}
        {data?.length === 0 ? <p>Nothing. What is deleted lies here for thirty days, and can be brought back.</p> : null}
        {data && data.length > 0 ? (
          <table className="mixtable issued">
            <thead>
              <tr>
                <th scope="col">What</th>
                <th scope="col">Where</th>
                <th scope="col">Deleted</th>
                <th scope="col">
                  <span className="clip">Bring back</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {data.map((entry) => {
                const words = binWords(entry);
                return (
                  <tr key={entry.id}>
                    <th scope="row">{words}</th>
                    <td>{entry.within}</td>
                    <td>
                      {whenHere(entry.at)}, {entry.name}
                    </td>
                    <td style={{ textAlign: 'right' }}>
                      <Button
                        size="small"
                        variant="outlined"
                        aria-label={`Bring back ${words}`}
                        onClick={() => {
                          void restore({ entity: entry.entity, id: entry.id, version: entry.version, change: uuid(), name: words });
                        }}
                      >
                        Bring back
                      </Button>
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        ) : null}
      </main>
    </div>
  );
}
