import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import TextField from '@mui/material/TextField';
import type { DecisionBody } from '@oddment/contracts';
import { contractResolver } from './contractResolver.ts';
import { fullDate, cite, type Decision, type HeldStop } from '@oddment/core';
import { OctagonX } from 'lucide-react';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { Say } from './Fig.tsx';
import { useKeptForm, useKeptStart } from './keptForm.ts';

function DecisionForm({
  keptAs,
  stop,
  today,
  onDone,
  onCancel,
}: {
  keptAs: string;
  stop: HeldStop;
  today: string;
  onDone: (decision: Decision) => void;
  onCancel: () => void;
}) {
  const form = useForm<DecisionBody>({
    resolver: contractResolver((all) => all.DecisionBody),
    defaultValues: useKeptStart(keptAs, { stop: stop.id, who: '', capacity: '', what: '', on: today, document: '' }),
  });
  const done = useKeptForm(keptAs, form);
  const { errors } = form.formState;
  const field = (name: 'who' | 'capacity' | 'what' | 'on' | 'document', label: string, multiline = false) => (
    <TextField
      label={label}
      multiline={multiline}
      error={errors[name] !== undefined}
      helperText={errors[name]?.message}
      {...form.register(name)}
      slotProps={{ inputLabel: { shrink: true } }}
    />
  );
  const keep = form.handleSubmit(({ who, capacity, what, on, document }) => {
    done();
    onDone({ stop: stop.id, who, capacity, what, on, ...(document !== undefined && document !== '' && { document }) });
  });
  return (
    <form
      onSubmit={(event) => {
        void keep(event);
      }}
      style={{ display: 'grid', gap: 12, padding: '18px 20px' }}
      noValidate
    >
      <h2 id="decision-title" style={{ fontSize: 18 }}>
        Record the decision: {stop.title.toLowerCase()}
      </h2>
      <p style={{ margin: 0 }}>Who decides: {stop.who}. Oddment records the decision, it does not make it.</p>
      {field('who', 'Who decided')}
      {field('capacity', 'In what capacity, with license')}
      {field('what', 'What was decided', true)}
      {field('on', 'When (year-month-day)')}
      {field('document', 'Letter or report, if there is one')}
      <div style={{ display: 'flex', gap: 8, justifyContent: 'flex-end' }}>
        <Button variant="outlined" onClick={onCancel}>
          Cancel
        </Button>
        <Button variant="contained" type="submit">
          Record
        </Button>
      </div>
    </form>
  );
}

/** The stops of a repair: open ones hold the plan, decided ones show who decided. */
export function Stops({
  of,
  stops,
  today,
  onDecision,
  onAnswer,
}: {
  of: string;
  stops: readonly HeldStop[];
  today: string;
  onDecision: (decision: Decision) => void;
  onAnswer: () => void;
}) {
  const [deciding, setDeciding] = useState<HeldStop>();
  return (
    <>
      {stops.map((stop) =>
        stop.open ? (
          <section key={stop.id} className="halted" aria-label={`Stop: ${stop.title}`}>
            <h2>
              <OctagonX size={20} aria-hidden="true" />
              Stop: {stop.title}
            </h2>
            <p>
              <Say saying={stop.why} />
            </p>
            <p>
              Who decides: <b>{stop.who}</b>.
            </p>
            {stop.liftedBy === 'decision' ? (
              <button
                type="button"
                className="link"
                onClick={() => {
                  setDeciding(stop);
                }}
              >
                Record the decision
              </button>
            ) : (
              <button type="button" className="link" onClick={onAnswer}>
                Answer in Walk once it is scanned
              </button>
            )}
            <div className="quiet">{cite(stop.source)}</div>
          </section>
        ) : (
          <section key={stop.id} className="decided" aria-label={`Decided: ${stop.title}`}>
            <b>{stop.title}, decided.</b> {stop.decision?.who}, {stop.decision?.capacity}, {stop.decision ? fullDate(stop.decision.on) : ''}:{' '}
            {stop.decision?.what}
            {stop.decision?.document === undefined ? null : <span className="quiet"> ({stop.decision.document})</span>}
          </section>
        ),
      )}
      <Dialog
        open={deciding !== undefined}
        onClose={() => {
          setDeciding(undefined);
        }}
        aria-labelledby="decision-title"
        fullWidth
        maxWidth="sm"
      >
        {deciding ? (
          <DecisionForm
            keptAs={`${of} ${deciding.id}`}
            stop={deciding}
            today={today}
            onCancel={() => {
              setDeciding(undefined);
            }}
            onDone={(decision) => {
              setDeciding(undefined);
              onDecision(decision);
            }}
          />
        ) : null}
      </Dialog>
    </>
  );
}
