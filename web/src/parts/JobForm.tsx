import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { JobFields } from '@oddment/contracts';
import { CrewFields } from './CrewFields.tsx';
import { contractResolver } from './contractResolver.ts';
import { siteDateTime, siteInstant } from '@oddment/core';
import { useEffect, type ReactNode } from 'react';
import { useKeptForm, useKeptStart } from './keptForm.ts';
import { Controller, useForm, useWatch } from 'react-hook-form';

const zones = Intl.supportedValuesOf('timeZone');

interface JobFormProps {
  readonly initial: JobFields;
  readonly heading: ReactNode;
  readonly submit: string;
  readonly failed?: string;
  /** false where it was not taken: what is typed is kept */
  readonly onSubmit: (fields: JobFields) => boolean | Promise<boolean>;
  readonly onCancel?: () => void;
  /** keeps what is typed through reloads, under this name */
  readonly keptAs?: string;
  /** the hand goes to its first field as it comes */
  readonly atOnce?: boolean;
}

/** Site, client, time zone, start, crew and units of a job. */
export function JobForm({ initial, heading, submit, failed = '', onSubmit, onCancel, keptAs, atOnce = false }: JobFormProps) {
  const form = useForm<JobFields>({ resolver: contractResolver((all) => all.JobFields), defaultValues: useKeptStart(keptAs, initial) });
  const done = useKeptForm(keptAs, form);
  const zone = useWatch({ control: form.control, name: 'timeZone' });
  const { setFocus } = form;
  useEffect(() => {
    if (atOnce) setFocus('site');
  }, [atOnce, setFocus]);
  const { errors } = form.formState;
  const keep = form.handleSubmit(async ({ site, client, timeZone, units, startAt, crew }) => {
    if (await onSubmit({ site, client, timeZone, units, startAt, crew })) done();
  });
  return (
    <form
      onSubmit={(event) => {
        void keep(event);
      }}
      style={{ display: 'grid', gap: 16 }}
      noValidate
    >
      {heading}
      <TextField label="Site" error={errors.site !== undefined} helperText={errors.site?.message} {...form.register('site')} />
      <TextField label="Client" error={errors.client !== undefined} helperText={errors.client?.message} {...form.register('client')} />
      <Controller
        name="timeZone"
        control={form.control}
        render={({ field }) => (
          <TextField select label="Time zone of the site" {...field} slotProps={{ select: { native: true } }}>
            {[...new Set([field.value, ...zones])].map((z) => (
              <option key={z} value={z}>
                {z}
              </option>
            ))}
          </TextField>
        )}
      />
      <Controller
        name="startAt"
        control={form.control}
        render={({ field }) => {
          const { date, time } = siteDateTime(field.value, zone);
          return (
            <TextField
              type="datetime-local"
              label="Work starts, site time"
              value={`${date}T${time}`}
              onChange={(event) => {
                const [d, t] = event.target.value.split('T');
                if (d && t) field.onChange(siteInstant(d, t, zone));
              }}
              slotProps={{ inputLabel: { shrink: true } }}
            />
          );
        }}
      />
      <CrewFields control={form.control} problem={errors.crew?.message ?? errors.crew?.root?.message} />
      <Controller
        name="units"
        control={form.control}
        render={({ field }) => (
          <TextField select label="Units" {...field}>
            <MenuItem value="metric">metric</MenuItem>
            <MenuItem value="us">US customary</MenuItem>
          </TextField>
        )}
      />
      {failed === '' ? null : (
        <p role="alert" style={{ color: 'var(--stop)', margin: 0 }}>
          {failed}
        </p>
      )}
      <div style={{ display: 'flex', gap: 8, justifyContent: 'flex-end' }}>
        {onCancel ? (
          <Button variant="outlined" onClick={onCancel}>
            Cancel
          </Button>
        ) : null}
        <Button type="submit" variant="contained" fullWidth={!onCancel}>
          {submit}
        </Button>
      </div>
    </form>
  );
}
