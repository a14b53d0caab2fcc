import Button from '@mui/material/Button';
import { cite, noPrice, scopes, type ClientOption } from '@oddment/core';
import { SectionPicture } from '../parts/Drawing.tsx';
import { Fig, Say } from '../parts/Fig.tsx';
import { FigureRows } from '../parts/FigureRows.tsx';
import { LedgerContext } from '../parts/Working.tsx';

/** One option as a column: its picture, its figures, its price, and what it leaves behind. */
export function OptionColumn({ option, onChoose }: { option: ClientOption; onChoose: (() => void) | undefined }) {
  const { scope, title, byHand, elapsed, visits, price, quantities, outlooks, cares, sheet, figures } = option;
  return (
    <LedgerContext.Provider value={figures}>
      <section className="option" aria-label={`${scopes[scope].title}: ${title}`}>
        <p className="scope">{scopes[scope].title}</p>
        <h2>{title}</h2>
        <p className="quiet">{scopes[scope].means}</p>
        <SectionPicture section={sheet.section} width={330} height={190} forPrint bare />
        <p className="quiet">
          <Say saying={sheet.section.footnote} plain />
        </p>
        <dl className="facts">
          <dt>By hand</dt>
          <dd>
            <Fig figure={byHand} />
          </dd>
          <dt>From start to finish</dt>
          <dd>
            <Fig figure={elapsed} />
          </dd>
          {visits ? (
            <>
              <dt>Visits</dt>
              <dd>
                <Fig figure={visits} />
              </dd>
            </>
          ) : null}
          {price ? (
            <>
              <dt>
                <b>Price, {price.currency}</b>
              </dt>
              <dd className="price">
                <Fig figure={price.total} />
              </dd>
              {price.parts.length > 1
                ? price.parts.map((p) => (
                    <div key={p.id} style={{ display: 'contents' }}>
                      <dt className="quiet">{p.label}</dt>
                      <dd>
                        <Fig figure={p.figure} />
                      </dd>
                    </div>
                  ))
                : null}
            </>
          ) : (
            <>
              <dt>Price</dt>
              <dd className="quiet">{noPrice}</dd>
            </>
          )}
        </dl>
        {price?.without === undefined ? null : <p className="quiet">{price.without}</p>}
        <h3>What it takes</h3>
        <FigureRows rows={quantities} />
        <h3>What it leaves behind</h3>
        <ul>
          {outlooks.map((o, i) => (
            <li key={i}>{o.leaves}</li>
          ))}
        </ul>
        <h3>How long it is expected to hold</h3>
        <ul>
          {outlooks.map((o, i) => (
            <li key={i}>
              {o.holds}; it rests {o.rests} <span className="quiet">({cite(o.source)})</span>
            </li>
          ))}
        </ul>
        {cares.length === 0 ? null : (
          <>
            <h3>With care</h3>
            <ul>
              {cares.map((c, i) => (
                <li key={i}>
                  <Say saying={c} plain />
                </li>
              ))}
            </ul>
          </>
        )}
        {onChoose ? (
          <Button className="no-print" variant="outlined" onClick={onChoose}>
            Choose this one
          </Button>
        ) : null}
      </section>
    </LedgerContext.Provider>
  );
}
