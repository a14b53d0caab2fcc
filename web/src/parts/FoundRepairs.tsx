import { isDefectKind, kindOf } from '@oddment/core';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { api } from '../state/api.ts';

/** typing goes on before it is looked for */
const afterMs = 200;
/** fewer letters are in nearly everything */
const leastLetters = 2;

/** Repairs over all jobs that hold the words: by mark, place, kind or note. */
export function FoundRepairs({ search }: { search: string }) {
  const [words, setWords] = useState('');
  useEffect(() => {
    const timer = setTimeout(() => {
      setWords(search.trim());
    }, afterMs);
    return () => {
      clearTimeout(timer);
    };
  }, [search]);
  const asked = words.length >= leastLetters;
  const { data, isError } = api.useFindQuery(words, { skip: !asked });
  if (!asked) return null;
  if (isError) return <p className="quiet">Repairs are looked for when the server is back.</p>;
  if (!data || data.length === 0) return null;
  return (
    <section aria-labelledby="found-repairs">
      <h2 id="found-repairs" style={{ fontSize: 16, margin: '10px 0 2px' }}>
        Repairs
      </h2>
      <ul className="found-repairs">
        {data.map((d) => (
          <li key={d.id}>
            <Link to={`/jobs/${d.jobId}/walk/${d.id}`}>{d.mark}</Link> {isDefectKind(d.kind) ? kindOf(d.kind).title : ''}, {d.area}, {d.site}
          </li>
        ))}
      </ul>
    </section>
  );
}
