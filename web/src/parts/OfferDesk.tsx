import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { fromMinor, toMinor, withRepair, type ExtraLine, type Offer, type OfferSetup } from '@oddment/core';
import { Link } from 'react-router';
import { v4 as uuid } from 'uuid';
import { usePlace } from '../screens/JobFrame.tsx';
import { offerRow } from '../views/offerRow.ts';
import { NumberField } from './NumberField.tsx';

interface DeskProps {
  readonly offer: Offer;
  readonly setup: OfferSetup;
  readonly onSetup: (setup: OfferSetup) => void;
}

/** Lines that are no repair. */
export function ExtraLines({ setup, onSetup, currency }: Pick<DeskProps, 'setup' | 'onSetup'> & { currency: string }) {
  const extras = setup.extras ?? [];
  const keep = (next: readonly ExtraLine[]) => {
    const { extras: _before, ...rest } = setup;
    onSetup(next.length > 0 ? { ...rest, extras: next } : rest);
  };
  const change = (id: string, part: Partial<ExtraLine>) => {
    keep(extras.map((e) => (e.id === id ? { ...e, ...part } : e)));
  };
  return (
    <div className="extra-lines">
      {extras.map(({ id, title, minor }, i) => (
        <div key={id}>
          <TextField
            size="small"
            label={`Line ${String(i + 1)}`}
            value={title}
            onChange={(event) => {
              change(id, { title: event.target.value });
            }}
            slotProps={{ htmlInput: { maxLength: 200 } }}
          />
          <NumberField
            label="Amount"
            value={fromMinor(minor, currency)}
            onNumber={(amount) => {
              if (amount !== undefined && Number.isFinite(amount)) change(id, { minor: toMinor(amount, currency) });
            }}
          />
          <button
            type="button"
            className="link"
            aria-label={`Take out line ${String(i + 1)}`}
            onClick={() => {
              keep(extras.filter((e) => e.id !== id));
            }}
          >
            Take out
          </button>
        </div>
      ))}
      <Button
        size="small"
        variant="outlined"
        onClick={() => {
          keep([...extras, { id: uuid(), title: '', minor: 0 }]);
        }}
      >
        Add a line: scaffold, travel, a discount
      </Button>
    </div>
  );
}

/** One repair: in the offer or not, with its price, its ways, and what the firm would do. */
function Repair({ id, mark, offer, setup, onSetup }: DeskProps & { id: string; mark: string }) {
  const { job, mayPlan } = usePlace();
  const { row, asked } = offerRow(offer, setup, id);
  return (
    <li>
      <label>
        <input
          type="checkbox"
          checked={row.is !== 'not' && asked?.out !== true}
          disabled={!mayPlan || row.is === 'not'}
          onChange={(event) => {
            onSetup(withRepair(setup, id, { out: !event.target.checked }));
          }}
        />{' '}
        <b>{mark}</b> {row.title}
      </label>
      <span className="money">{row.price}</span>
      <Link to={`/jobs/${job.id}/options/${id}`} aria-label={`Ways to go about ${mark}`}>
        {row.ways > 1 ? `${String(row.ways)} ways` : 'ways'}
      </Link>
      {row.is === 'not' ? <small>{row.why}</small> : null}
      {row.is === 'in' && row.ways > 1 && mayPlan ? (
        <TextField
          size="small"
          label={`What we would do with ${mark}`}
          value={asked?.would ?? ''}
          placeholder={row.would}
          onChange={(event) => {
            onSetup(withRepair(setup, id, { would: event.target.value === '' ? undefined : event.target.value }));
          }}
          slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 500 } }}
        />
      ) : null}
    </li>
  );
}

/** The repairs of a job, each in the offer or not. */
export function OfferRepairs(props: DeskProps) {
  const { job } = usePlace();
  return (
    <ul className="offer-repairs">{job.areas.flatMap((area) => area.defects.map(({ id, mark }) => <Repair key={id} id={id} mark={mark} {...props} />))}</ul>
  );
}
