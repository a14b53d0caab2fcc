import { isOtherWork, leftOpenRule, matchRules, type Candidate, type Verdict } from '@oddment/core';

import { gradeSigns, gradeWords } from './gradeWords.ts';

export function WholeTable({ candidates, onCell }: { candidates: readonly Candidate[]; onCell: (system: string, rule: string) => void }) {
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
