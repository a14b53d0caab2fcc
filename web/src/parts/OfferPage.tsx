import { fullDate, fullDay, insteadWords, lastsWords, moneyText, notInWords, offerFoot, offerHeads, sumLines, type Offer, type OfferLine } from '@oddment/core';
import { Link } from 'react-router';

interface PageProps {
  readonly offer: Offer;
  /** where the method of a repair is looked at, while it is being made */
  readonly methodOf?: ((defect: string) => string) | undefined;
}

/** One repair of an offer: what is done, what that is made of, how long it holds, and what else could be done. */
function Line({ line, offer, methodOf }: { line: OfferLine } & PageProps) {
  const money = (minor: number) => moneyText(minor, offer.currency);
  return (
    <tr>
      <th scope="row">{methodOf ? <Link to={methodOf(line.defect)}>{line.mark}</Link> : line.mark}</th>
      <td>
        <b>{line.way.title}</b> {line.title}
        {line.found === '' ? '' : `, ${line.found}`}
        {line.parts.map((p) => (
          <div key={p.label} className="part">
            {p.label} {money(p.minor)}: {p.working}
          </div>
        ))}
        <div className="part">{lastsWords(line.way).join(' ')}</div>
        {line.instead.map((i) => (
          <div key={`${i.scope} ${i.system}`} className="instead">
            {insteadWords(i, offer)}
            <div className="part">{lastsWords(i).join(' ')}</div>
          </div>
        ))}
        {line.would === undefined ? null : <div className="instead">{line.would}</div>}
      </td>
      <td className="money">{money(line.minor)}</td>
    </tr>
  );
}

function Lines({ offer, methodOf }: PageProps) {
  const areas = [...new Set(offer.lines.map((l) => l.area))];
  const sums = sumLines(offer);
  return (
    <table className="offer-lines">
      {areas.map((area) => (
        <tbody key={area}>
          <tr>
            <th colSpan={3} scope="rowgroup">
              {area}
            </th>
          </tr>
          {offer.lines
            .filter((l) => l.area === area)
            .map((line) => (
              <Line key={line.defect} line={line} offer={offer} methodOf={methodOf} />
            ))}
        </tbody>
      ))}
      {offer.extras.length === 0 ? null : (
        <tbody>
          <tr>
            <th colSpan={3} scope="rowgroup">
              {offerHeads.extras}
            </th>
          </tr>
          {offer.extras.map((e) => (
            <tr key={e.id}>
              <td />
              <td>{e.title}</td>
              <td className="money">{moneyText(e.minor, offer.currency)}</td>
            </tr>
          ))}
        </tbody>
      )}
      <tbody className="sums">
        {sums.map(({ label, minor }, i) => (
          <tr key={label} className={i === sums.length - 1 ? 'in-all' : undefined}>
            <td />
            <td>{label}</td>
            <td className="money">{moneyText(minor, offer.currency)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** An offer as a page for the client, as it is or as it was kept. */
export function OfferPage({ offer, number, methodOf }: PageProps & { number?: string }) {
  const { firm, letterhead, logo, client, site, timeZone, madeAt, validUntil, words, notIn, excluded, conditions } = offer;
  return (
    <div className="offer-page">
      <div className="offer-head">
        <div>
          <b className="firm">{firm}</b>
          {letterhead.map((l) => (
            <div key={l}>{l}</div>
          ))}
        </div>
        {logo === undefined ? null : <img src={logo} alt={`Logo of ${firm}`} />}
      </div>
      <div className="offer-head">
        <div>
          {client === '' ? null : <div>{client}</div>}
          <div>{site}</div>
        </div>
        <div className="right">
          <h1>{number === undefined ? 'Offer, not kept yet' : `Offer ${number}`}</h1>
          <div>{fullDay(madeAt, timeZone)}</div>
          <div>holds until {fullDate(validUntil)}</div>
        </div>
      </div>
      {words === '' ? null : words.split('\n').map((line, i) => <p key={i}>{line}</p>)}
      <Lines offer={offer} methodOf={methodOf} />
      {notIn.length === 0 ? null : (
        <>
          <h2>{offerHeads.notIn}</h2>
          <ul>
            {notIn.map((n) => (
              <li key={n.defect}>
                <b>
                  {n.mark}, {n.area}:
                </b>{' '}
                {n.title}: {notInWords(n, offer)}
                {n.way ? <div className="part">{lastsWords(n.way).join(' ')}</div> : null}
                {n.would === undefined ? null : <div className="part">{n.would}</div>}
              </li>
            ))}
          </ul>
        </>
      )}
      <h2>{offerHeads.excluded}</h2>
      <ul>
        {excluded.map((e) => (
          <li key={e}>{e}</li>
        ))}
      </ul>
      {conditions.length === 0 ? null : (
        <>
          <h2>{offerHeads.conditions}</h2>
          <ol>
            {conditions.map((c) => (
              <li key={c}>{c}</li>
            ))}
          </ol>
        </>
      )}
      <p className="part">{offerFoot}</p>
      <div className="sign">
        <span>Date</span>
        <span>Accepted by</span>
      </div>
    </div>
  );
}
