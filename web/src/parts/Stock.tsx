import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import type { NewStockBody, StockRecord } from '@oddment/contracts';
import { fullDate, packState } from '@oddment/core';
import { Controller, useForm } from 'react-hook-form';
import { v4 as uuid } from 'uuid';
import { api } from '../state/api.ts';
import { useMayRecord } from '../state/editing.ts';
import { useRemove } from '../state/removing.ts';
import { contractResolver } from './contractResolver.ts';
import { NumberField } from './NumberField.tsx';
import { refusal } from './refusal.ts';

const stateWords = { good: 'good until', soon: 'only until', expired: 'expired', 'no date': 'no date of expiry' } as const;

function Pack({ pack, openDays, today }: { pack: StockRecord; openDays: number | undefined; today: string }) {
  const [change, { error }] = api.useChangeStockMutation();
  const remove = useRemove();
  const mayRecord = useMayRecord();
  const { state, until } = packState(pack, openDays, today);
  const set = (part: Partial<StockRecord>) => void change({ ...pack, ...part, change: uuid() });
  return (
    <li style={{ borderBottom: '1px solid var(--rule)', padding: '6px 0' }}>
      <b>{pack.count}</b> {pack.count === 1 ? 'pack' : 'packs'}
      {pack.lot === '' ? '' : `, lot ${pack.lot}`}
      {pack.place === undefined ? '' : `, ${pack.place}`}
      {pack.openedOn === undefined ? '' : `, open since ${fullDate(pack.openedOn)}`}
      <div className={state === 'expired' ? 'grade out' : state === 'soon' ? 'grade care' : 'quiet'}>
        {stateWords[state]} {until === undefined ? '' : fullDate(until)}
      </div>
      {mayRecord ? (
        <div style={{ display: 'flex', gap: 10, flexWrap: 'wrap' }}>
          <button
            type="button"
            className="link"
            disabled={pack.count === 0}
            onClick={() => {
              set({ count: pack.count - 1 });
            }}
          >
            One used
          </button>
          {pack.openedOn === undefined ? (
            <button
              type="button"
              className="link"
              onClick={() => {
                set({ openedOn: today });
              }}
            >
              Opened today
            </button>
          ) : null}
          <button
            type="button"
            className="link"
            onClick={() => {
              void remove('stock', pack, pack.lot === '' ? 'Packs' : `Lot ${pack.lot}`);
            }}
          >
            Take out
          </button>
        </div>
      ) : null}
      {error === undefined ? null : (
        <p className="grade out" role="alert">
          {refusal(error)}
        </p>
      )}
    </li>
  );
}

/** Packs of one system on the firm's shelf: how many, until when, and new ones. */
export function Stock({
  of,
  title,
  stock,
  openDays,
  today,
}: {
  of: string;
  title: string;
  stock: readonly StockRecord[];
  openDays: number | undefined;
  today: string;
}) {
  const [add, { error }] = api.useCreateStockMutation();
  const mayRecord = useMayRecord();
  const fresh = () => ({ id: uuid(), change: uuid(), of, lot: '', count: 1, place: '' });
  const form = useForm<NewStockBody>({ resolver: contractResolver((all) => all.NewStockBody), defaultValues: fresh() });
  const { errors } = form.formState;
  const keep = form.handleSubmit(async (body) => {
    const done = await add({ ...body });
    if (done.data) form.reset(fresh());
  });
  const emptyAsNone = { setValueAs: (v: unknown) => (v === '' ? undefined : v) };
  return (
    <section aria-label={`Stock of ${title}`}>
      <h2 style={{ fontSize: 17 }}>In stock</h2>
      <ul style={{ listStyle: 'none', padding: 0, margin: '4px 0 10px' }}>
        {stock.map((pack) => (
          <Pack key={pack.id} pack={pack} openDays={openDays} today={today} />
        ))}
      </ul>
      {stock.length === 0 ? <p className="quiet">None of it is noted.</p> : null}
      {mayRecord ? (
        <form
          onSubmit={(event) => {
            void keep(event);
          }}
          style={{ display: 'grid', gap: 10 }}
          noValidate
          aria-label="New packs"
        >
          <div style={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 10 }}>
            <Controller
              control={form.control}
              name="count"
              render={({ field }) => (
                <NumberField
                  key={form.formState.submitCount}
                  label="How many packs"
                  value={field.value}
                  problem={errors.count?.message}
                  onNumber={field.onChange}
                />
              )}
            />
            <TextField size="small" label="Lot" error={errors.lot !== undefined} helperText={errors.lot?.message} {...form.register('lot')} />
          </div>
          <TextField
            size="small"
            type="date"
            label="Date of expiry"
            error={errors.expiresOn !== undefined}
            helperText={errors.expiresOn?.message}
            {...form.register('expiresOn', emptyAsNone)}
            slotProps={{ inputLabel: { shrink: true } }}
          />
          <TextField size="small" label="Where they stand" {...form.register('place')} />
          {error === undefined ? null : (
            <p className="grade out" role="alert">
              {refusal(error)}
            </p>
          )}
          <Button type="submit" variant="outlined">
            Add to the stock
          </Button>
        </form>
      ) : null}
    </section>
  );
}
