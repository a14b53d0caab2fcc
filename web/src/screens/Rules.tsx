import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import type { FirmRecord, HouseRulesBody } from '@oddment/contracts';
import {
  fullDate,
  ratesNotFollowed,
  schoolQuestions,
  hoursWhy,
  hoursWords,
  usualHours,
  settableRates,
  showValue,
  yearsWhy,
  type HouseRules,
} from '@oddment/core';
import { useEffect, useRef, useState } from 'react';
import { Controller, useForm } from 'react-hook-form';
import { Link } from 'react-router';
import { v4 as uuid } from 'uuid';
import { Bar } from '../parts/Bar.tsx';
import { contractResolver } from '../parts/contractResolver.ts';
import { HoursForm } from '../parts/HoursForm.tsx';
import { NumberField } from '../parts/NumberField.tsx';
import { OfferTermsForm } from '../parts/OfferTermsForm.tsx';
import { RateFields } from '../parts/RateFields.tsx';
import { RuleQuestions } from '../parts/RuleQuestions.tsx';
import { refusal } from '../parts/refusal.ts';
import { api } from '../state/api.ts';
import { pageNow } from '../state/clock.ts';
import { useMayPlan } from '../state/editing.ts';
import { useStore } from '../state/store.ts';

function Labor({ rules, firm, save }: { rules: HouseRules; firm: FirmRecord; save: (change: (now: HouseRules) => HouseRules) => Promise<unknown> }) {
  const [today] = useState(() => pageNow().slice(0, 10));
  const [start] = useState(() => ({ change: uuid(), version: firm.version, schools: {}, labor: rules.labor ?? { currency: 'USD', since: today } }));
  const form = useForm<HouseRulesBody>({
    resolver: contractResolver((all) => all.HouseRulesBody),
    defaultValues: start,
  });
  // dirtyFields is read here so that the form keeps account of what was typed
  const { errors, dirtyFields: _ } = form.formState;
  const { reset } = form;
  const { labor } = rules;
  useEffect(() => {
    // what is kept is followed; what is being typed stays, whoever saved what meanwhile
    if (labor) reset({ ...start, labor }, { keepDirtyValues: true });
  }, [reset, start, labor]);
  const keep = form.handleSubmit(async ({ labor }) => {
    if (!labor) return;
    // from here on what is typed is held against what was sent: typed back to what it was before, it is a change all the same
    reset({ ...start, labor }, { keepValues: true });
    await save((now) => ({ ...now, labor: { ...labor } }));
  });
  return (
    <form
      onSubmit={(event) => {
        void keep(event);
      }}
      className="rates"
      noValidate
      aria-label="Labor rate"
    >
      <Controller
        control={form.control}
        name="labor.perHour"
        render={({ field }) => (
          <NumberField label="An hour of one person" value={field.value} problem={errors.labor?.perHour?.message} onNumber={field.onChange} />
        )}
      />
      <TextField
        size="small"
        label="Currency"
        error={errors.labor?.currency !== undefined}
        helperText={errors.labor?.currency?.message}
        {...form.register('labor.currency')}
      />
      <TextField
        size="small"
        type="date"
        label="Since"
        error={errors.labor?.since !== undefined}
        helperText={errors.labor?.since?.message}
        {...form.register('labor.since')}
        slotProps={{ inputLabel: { shrink: true } }}
      />
      <Button type="submit" variant="contained">
        Set the labor rate
      </Button>
    </form>
  );
}

/** House rules: which side the firm takes where the trade differs, how long its people take, what an hour of them costs. */
export function Rules() {
  const units = useStore((s) => s.view.units ?? 'metric');
  const { data: session } = api.useSessionQuery(undefined);
  const [set, { error }] = api.useSetRulesMutation();
  const [read] = api.useLazySessionQuery();
  const saving = useRef<Promise<unknown>>(Promise.resolve());
  const mayPlan = useMayPlan();
  const firm = session?.firm;
  if (!firm) return null;
  const { rules } = firm;
  // one after the other, each on what the last one left
  const save = (change: (now: HouseRules) => HouseRules) => {
    saving.current = saving.current.then(
      async () => {
        const now = (await read(undefined).unwrap()).firm ?? firm;
        await set({ change: uuid(), version: now.version, ...change(now.rules) });
      },
      () => undefined,
    );
    return saving.current;
  };
  const own = <T,>(record: Readonly<Record<string, T>>, id: string, value: T | undefined): Record<string, T> =>
    Object.fromEntries(Object.entries({ ...record, [id]: value }).filter((entry): entry is [string, T] => entry[1] !== undefined));
  const taken = Object.keys(rules.schools).length;
  return (
    <div className="frame" style={{ gridTemplateRows: 'auto minmax(0, 1fr)' }}>
      <Bar units={units} />
      <div className="work rules">
        <main className="pane sheet rules-page">
          <div className="title">
            <h1 style={{ fontSize: 24 }}>House rules</h1>
            <span className="push" />
            <Link to="/shelf">Shelf</Link>
            <Link to="/">Jobs</Link>
          </div>
          <p>
            Where the trade differs and both sides can be right, {firm.name} says here which it takes. A single repair may differ; unsafe sides are not offered
            where they are unsafe.{' '}
            {taken === 0
              ? 'Nothing is set yet: every question goes by the situation.'
              : `${String(taken)} of ${String(schoolQuestions.length)} questions are set.`}
            {mayPlan ? '' : ' Setting them is for owners and estimators.'}
          </p>
          {error === undefined ? null : (
            <p className="grade out" role="alert">
              {refusal(error)}
            </p>
          )}
          <RuleQuestions
            chosen={rules.schools}
            onChoose={
              mayPlan
                ? (id, side) => {
                    void save((now) => ({ ...now, schools: own(now.schools, id, side) }));
                  }
                : undefined
            }
          />
        </main>
        <aside className="pane left-rule rules-page" aria-label="Time and money">
          <h2 style={{ fontSize: 18 }}>An hour of work</h2>
          {rules.labor ? (
            <p>
              {rules.labor.currency} {rules.labor.perHour.toFixed(2)} since {fullDate(rules.labor.since)}: every plan then says what its hands-on time comes to.
            </p>
          ) : (
            <p className="quiet">No rate is set: plans tell hours, and no money.</p>
          )}
          {mayPlan ? <Labor rules={rules} firm={firm} save={save} /> : null}
          <OfferTermsForm mayPlan={mayPlan} />
          <h2 style={{ fontSize: 18, marginTop: 18 }}>When you work</h2>
          <p className={rules.hours ? undefined : 'quiet'}>
            {hoursWords(rules.hours ?? usualHours)}
            {rules.hours ? '' : ' (usual hours; nothing is set yet)'}. {hoursWhy}
          </p>
          {mayPlan ? (
            <HoursForm
              hours={rules.hours}
              onHours={(hours) => {
                void save(({ hours: _before, ...now }) => ({ ...now, ...(hours && { hours }) }));
              }}
            />
          ) : null}
          <h2 style={{ fontSize: 18, marginTop: 18 }}>How long work takes</h2>
          <p className="quiet">
            {settableRates
              .filter((r) => rules.rates?.[r.id] !== undefined)
              .map((r) => `${r.label}: your own, assumed ${showValue(r.usual, r.kind, units).text}`)
              .join(' · ') || 'All of them are assumed.'}{' '}
            Empty a field to go back to what is assumed.
          </p>
          {ratesNotFollowed(rules.rates ?? {}).map((one) => (
            <p key={one} className="doubt">
              {one}
            </p>
          ))}
          <RateFields
            of={settableRates.filter((r) => r.kind !== 'count')}
            rates={rules.rates}
            units={units}
            onRate={mayPlan ? (id, value) => void save((now) => ({ ...now, rates: own(now.rates ?? {}, id, value) })) : undefined}
          />
          <h2 style={{ fontSize: 18, marginTop: 18 }}>Years that rules go by</h2>
          <p className="quiet">{yearsWhy}</p>
          <RateFields
            of={settableRates.filter((r) => r.kind === 'count')}
            rates={rules.rates}
            units={units}
            onRate={mayPlan ? (id, value) => void save((now) => ({ ...now, rates: own(now.rates ?? {}, id, value) })) : undefined}
          />
        </aside>
      </div>
    </div>
  );
}
