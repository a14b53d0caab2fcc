import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import type { OfferTermsBody, OfferTermsRecord } from '@oddment/contracts';
import { logoProblem, termsAdvice } from '@oddment/core';
import { useState } from 'react';
import { Controller, useFieldArray, useForm } from 'react-hook-form';
import { v4 as uuid } from 'uuid';
import { api } from '../state/api.ts';
import { logoOf } from '../state/logo.ts';
import { contractResolver } from './contractResolver.ts';
import { NumberField } from './NumberField.tsx';
import { PickFile } from './PickFile.tsx';
import { refusal } from './refusal.ts';

/** as many taxes as stand on one offer */
const mostTaxes = 3;

function Logo({ logo, onLogo }: { logo: string | undefined; onLogo: (logo: string | undefined) => void }) {
  const [problem, setProblem] = useState<string>();
  return (
    <div className="terms-logo">
      {logo === undefined ? <span className="quiet">No logo.</span> : <img src={logo} alt="Logo as it stands on offers" />}
      <PickFile
        label="Logo, a picture"
        accept="image/png,image/jpeg"
        words={logo === undefined ? 'Choose a logo' : 'Another logo'}
        inText
        onFile={(file) => {
          void logoOf(file).then((made) => {
            const wrong = made === undefined ? 'This picture cannot be read. Save it as PNG or JPEG and choose it again.' : logoProblem(made);
            setProblem(wrong);
            if (wrong === undefined) onLogo(made);
          });
        }}
      />
      {logo === undefined ? null : (
        <button
          type="button"
          className="link"
          onClick={() => {
            onLogo(undefined);
          }}
        >
          Without a logo
        </button>
      )}
      {problem === undefined ? null : (
        <p className="grade out" role="alert">
          {problem}
        </p>
      )}
    </div>
  );
}

function Form({ terms }: { terms: OfferTermsRecord }) {
  const [set, { error, isLoading, isSuccess }] = api.useSetOfferTermsMutation();
  const form = useForm<OfferTermsBody>({
    resolver: contractResolver((all) => all.OfferTermsBody),
    defaultValues: { change: uuid(), ...terms, taxes: terms.taxes.map((t) => ({ ...t })) },
  });
  const { errors, isDirty } = form.formState;
  const taxes = useFieldArray({ control: form.control, name: 'taxes' });
  const keep = form.handleSubmit(async (typed) => {
    const done = await set({ ...typed, change: uuid(), version: terms.version });
    if (done.data) form.reset({ change: uuid(), ...done.data, taxes: done.data.taxes.map((t) => ({ ...t })) });
  });
  const text = (name: 'letterhead' | 'conditions' | 'excluded', label: string, helper: string) => (
    <TextField
      size="small"
      multiline
      minRows={2}
      maxRows={10}
      label={label}
      error={errors[name] !== undefined}
      helperText={errors[name]?.message ?? helper}
      {...form.register(name)}
    />
  );
  return (
    <form
      className="rates"
      noValidate
      aria-label="What stands on offers"
      onSubmit={(event) => {
        void keep(event);
      }}
    >
      {text('letterhead', 'Letterhead', 'Address, telephone: a line each, under the name of the firm.')}
      <Controller control={form.control} name="logo" render={({ field }) => <Logo logo={field.value} onLogo={field.onChange} />} />
      {taxes.fields.map((tax, i) => (
        <div key={tax.id} className="tax">
          <TextField
            size="small"
            label="Tax"
            error={errors.taxes?.[i]?.name !== undefined}
            helperText={errors.taxes?.[i]?.name?.message}
            {...form.register(`taxes.${i}.name`)}
          />
          <Controller
            control={form.control}
            name={`taxes.${i}.percent`}
            render={({ field }) => <NumberField label="Percent" value={field.value} problem={errors.taxes?.[i]?.percent?.message} onNumber={field.onChange} />}
          />
          <button
            type="button"
            className="link"
            aria-label={`Take out tax ${String(i + 1)}`}
            onClick={() => {
              taxes.remove(i);
            }}
          >
            Take out
          </button>
        </div>
      ))}
      {taxes.fields.length < mostTaxes ? (
        <Button
          size="small"
          variant="outlined"
          onClick={() => {
            taxes.append({ name: '', percent: 0 });
          }}
        >
          Add a tax
        </Button>
      ) : null}
      <Controller
        control={form.control}
        name="validDays"
        render={({ field }) => <NumberField label="An offer holds, days" value={field.value} problem={errors.validDays?.message} onNumber={field.onChange} />}
      />
      {text('excluded', 'Never included', 'A line each.')}
      {text('conditions', 'Conditions', termsAdvice)}
      {error === undefined ? null : (
        <p className="grade out" role="alert">
          Not set. {refusal(error)}
        </p>
      )}
      <Button type="submit" variant="contained" disabled={isLoading}>
        Set what stands on offers
      </Button>
      {isSuccess && !isDirty ? <p role="status">Set. Offers that are kept stay as they were.</p> : null}
    </form>
  );
}

/** What stands on every offer of the firm: letterhead, logo, taxes, how long it holds, conditions. */
export function OfferTermsForm({ mayPlan }: { mayPlan: boolean }) {
  const { data: terms } = api.useOfferTermsQuery(undefined);
  const [open, setOpen] = useState(() => globalThis.location.hash === '#offers');
  if (!terms) return null;
  const taxed = terms.taxes.map((t) => `${t.name} ${String(t.percent)} %`).join(', ');
  return (
    <>
      <h2 id="offers" style={{ fontSize: 18, marginTop: 18 }}>
        Offers
      </h2>
      <p className={terms.version === 0 ? 'quiet' : undefined}>
        They hold {terms.validDays} days; {taxed === '' ? 'no tax is set' : taxed}.
        {terms.version === 0 ? ' Nothing is set yet: these are the usual words.' : ''}
      </p>
      {mayPlan ? (
        <details
          className="other"
          open={open}
          onToggle={(event) => {
            setOpen(event.currentTarget.open);
          }}
        >
          <summary>Letterhead, taxes, conditions</summary>
          <Form terms={terms} />
        </details>
      ) : null}
    </>
  );
}
