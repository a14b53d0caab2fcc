import { useNavigate } from 'react-router';
import { choiceKeys, keyRows, quickLines, typedMeasures } from '../views/keyRows.ts';
import { PageActions } from '../parts/PageActions.tsx';

function Rows({ title, rows }: { title: string; rows: readonly (readonly [string, string])[] }) {
  return (
    <section>
      <h2>{title}</h2>
      <table>
        <tbody>
          {rows.map(([key, words]) => (
            <tr key={key}>
              <th scope="row">{key}</th>
              <td>{words}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** The keys and what may be typed, as a card for beside the screen. */
export function KeyCard() {
  const navigate = useNavigate();
  return (
    <main className="page key-card">
      <PageActions
        onBack={() => {
          void navigate(-1);
        }}
      />
      <h1>Keys of Oddment</h1>
      <div className="two">
        <Rows title="Anywhere but in a field" rows={keyRows} />
        <div>
          <Rows title="At a question" rows={choiceKeys} />
          <Rows title="Where a measure is asked" rows={typedMeasures} />
          <h2>Several at once (key Q), a line each</h2>
          {quickLines.map((line) => (
            <p key={line}>
              <code>{line}</code>
            </p>
          ))}
        </div>
      </div>
    </main>
  );
}
