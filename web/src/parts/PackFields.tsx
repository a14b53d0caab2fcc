import TextField from '@mui/material/TextField';
import type { ProductPack } from '@oddment/core';
import { NumberField } from './NumberField.tsx';

/** A pack as it is typed. */
export interface TypedPack {
  readonly size?: number | undefined;
  readonly unit: 'g' | 'mL';
  readonly amount?: number | undefined;
  readonly currency: string;
  readonly on: string;
  readonly openDays?: number | undefined;
}

/** What a pack holds, costs and keeps. */
export function PackFields({ pack, onPack }: { pack: TypedPack; onPack: (pack: TypedPack) => void }) {
  const number = (name: 'size' | 'amount' | 'openDays', label: string) => (
    <NumberField
      label={label}
      value={pack[name]}
      onNumber={(value) => {
        onPack({ ...pack, [name]: value });
      }}
    />
  );
  const field = (name: 'currency' | 'on', label: string, type = 'text') => (
    <TextField
      size="small"
      type={type}
      label={label}
      value={pack[name]}
      onChange={(event) => {
        onPack({ ...pack, [name]: event.target.value });
      }}
      {...(type === 'date' && { slotProps: { inputLabel: { shrink: true } } })}
    />
  );
  return (
    <div className="product-fields">
      {number('size', 'Content of a pack')}
      <TextField
        select
        size="small"
        label="in"
        value={pack.unit}
        onChange={(event) => {
          onPack({ ...pack, unit: event.target.value === 'mL' ? 'mL' : 'g' });
        }}
        slotProps={{ select: { native: true } }}
      >
        <option value="g">g</option>
        <option value="mL">mL</option>
      </TextField>
      {number('amount', 'Price of a pack')}
      {field('currency', 'Currency')}
      {field('on', 'Price of', 'date')}
      {number('openDays', 'Keeps open, days')}
    </div>
  );
}

/** The pack that was typed, or none where its content was left empty. */
export function packOf({ size, unit, amount, currency, on, openDays }: TypedPack): ProductPack[] {
  return size === undefined
    ? []
    : [{ size, unit, ...(amount !== undefined && { price: { amount, currency, on } }), ...(openDays !== undefined && { openDays }) }];
}
