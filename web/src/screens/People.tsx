import { whenHere } from '../parts/when.ts';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import type { NewPersonBody, PasswordBody, PersonRecord, Role } from '@oddment/contracts';
import { roles } from '@oddment/contracts/roles';
import { contractResolver } from '../parts/contractResolver.ts';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { Link } from 'react-router';
import { v4 as uuid } from 'uuid';
import { Bar } from '../parts/Bar.tsx';
import { refusal } from '../parts/refusal.ts';
import { api } from '../state/api.ts';
import { useStore } from '../state/store.ts';

const roleWords: Record<Role, string> = {
  owner: 'owner: all, and the accounts',
  estimator: 'estimator: measures and plans',
  finisher: 'finisher: works from it',
  viewer: 'viewer: only looks',
};

function RoleSelect({ label, value, onChange }: { label: string; value: Role; onChange: (role: Role) => void }) {
  return (
    <TextField
      select
      label={label}
      value={value}
      onChange={(event) => {
        onChange(event.target.value as Role);
      }}
      slotProps={{ select: { native: true } }}
    >
      {roles.map((role) => (
        <option key={role} value={role}>
          {roleWords[role]}
        </option>
      ))}
    </TextField>
  );
}

function LinkShown({ name, token }: { name: string; token: string }) {
  const address = `${location.origin}/one-time/${token}`;
  return (
    <div className="doubt" role="status">
      <b>One-time link for {name}.</b> It works once, for a day, and is shown only now: pass it on.
      <div style={{ overflowWrap: 'anywhere' }}>
        <code>{address}</code>
      </div>
      <button
        type="button"
        className="link"
        onClick={() => {
          void navigator.clipboard.writeText(address);
        }}
      >
        Copy
      </button>
    </div>
  );
}

function Person({ person, me, onLink }: { person: PersonRecord; me: boolean; onLink: (name: string, token: string) => void }) {
  const [change, { error }] = api.useChangePersonMutation();
  const [reset] = api.useResetPersonMutation();
  const set = (part: Partial<PersonRecord>) => {
    const { id, version, name, role, disabled } = { ...person, ...part };
    void change({ id, version, name, role, disabled, change: uuid() });
  };
  return (
    <div className="person">
      <div>
        <b>{person.name}</b>
        {me ? ', you' : ''}
        <div className="quiet">
          {person.login}
          {person.begun ? '' : ', has not set a password yet'}
          {person.disabled ? ', disabled' : ''}
        </div>
      </div>
      <RoleSelect
        label={`Role of ${person.name}`}
        value={person.role}
        onChange={(role) => {
          set({ role });
        }}
      />
      <div style={{ display: 'grid', justifyItems: 'end' }}>
        <button
          type="button"
          className="link"
          onClick={() => {
            void reset({ id: person.id, change: uuid() }).then((done) => {
              if (done.data) onLink(person.name, done.data.token);
            });
          }}
        >
          New one-time link
        </button>
        {me ? null : (
          <button
            type="button"
            className="link"
            onClick={() => {
              set({ disabled: !person.disabled });
            }}
          >
            {person.disabled ? 'Enable' : 'Disable'}
          </button>
        )}
      </div>
      {error === undefined ? null : (
        <p role="alert" style={{ color: 'var(--stop)', margin: 0, gridColumn: '1 / -1' }}>
          {refusal(error)}
        </p>
      )}
    </div>
  );
}

function NewPerson({ onLink }: { onLink: (name: string, token: string) => void }) {
  const [add, { error }] = api.useAddPersonMutation();
  const fresh = () => ({ id: uuid(), change: uuid(), name: '', login: '', role: 'estimator' as Role });
  const form = useForm<NewPersonBody>({ resolver: contractResolver((all) => all.NewPersonBody), defaultValues: fresh() });
  const { errors } = form.formState;
  const keep = form.handleSubmit(async ({ id, change, name, login, role }) => {
    const done = await add({ id, change, name, login, role });
    if (!done.data) return;
    if (done.data.link) onLink(name, done.data.link.token);
    form.reset(fresh());
  });
  return (
    <form
      onSubmit={(event) => {
        void keep(event);
      }}
      style={{ display: 'grid', gap: 14, marginTop: 18 }}
      noValidate
    >
      <h2 style={{ fontSize: 18 }}>Add somebody</h2>
      <TextField label="Name" error={errors.name !== undefined} helperText={errors.name?.message} {...form.register('name')} />
      <TextField label="Sign-in name" error={errors.login !== undefined} helperText={errors.login?.message} {...form.register('login')} />
      <TextField select label="Role" {...form.register('role')} slotProps={{ select: { native: true } }}>
        {roles.map((role) => (
          <option key={role} value={role}>
            {roleWords[role]}
          </option>
        ))}
      </TextField>
      {error === undefined ? null : (
        <p role="alert" style={{ color: 'var(--stop)', margin: 0 }}>
          {refusal(error)}
        </p>
      )}
      <Button type="submit" variant="contained">
        Add, and make a one-time link
      </Button>
    </form>
  );
}

function OwnAccount() {
  const { data: sessions } = api.useSessionsQuery(undefined);
  const [end] = api.useEndSessionMutation();
  const [change, { error, isSuccess }] = api.useChangePasswordMutation();
  const form = useForm<PasswordBody>({ resolver: contractResolver((all) => all.PasswordBody), defaultValues: { present: '', password: '' } });
  const { errors } = form.formState;
  const keep = form.handleSubmit(async ({ present, password }) => {
    const done = await change({ present, password });
    if (done.data) form.reset();
  });
  const when = whenHere;
  return (
    <>
      <h2 style={{ fontSize: 18 }}>Your sessions</h2>
      <ul style={{ listStyle: 'none', padding: 0, margin: '6px 0 18px' }}>
        {sessions?.map((s) => (
          <li key={s.id} style={{ borderBottom: '1px solid var(--rule)', padding: '6px 0', display: 'flex', gap: 8, alignItems: 'center' }}>
            <span style={{ flex: 1, minWidth: 0 }}>
              since {when(s.since)}
              {s.here ? ', this one' : ''}
              <span className="quiet" style={{ display: 'block', overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' }}>
                {s.agent === '' ? 'unknown browser' : s.agent}
              </span>
            </span>
            {s.here ? null : (
              <button
                type="button"
                className="plain"
                onClick={() => {
                  void end(s.id);
                }}
              >
                End
              </button>
            )}
          </li>
        ))}
      </ul>
      <form
        onSubmit={(event) => {
          void keep(event);
        }}
        style={{ display: 'grid', gap: 14 }}
        noValidate
      >
        <h2 style={{ fontSize: 18 }}>Your password</h2>
        <TextField
          label="Present password"
          type="password"
          autoComplete="current-password"
          error={errors.present !== undefined}
          helperText={errors.present?.message}
          {...form.register('present')}
        />
        <TextField
          label="New password"
          type="password"
          autoComplete="new-password"
          error={errors.password !== undefined}
          helperText={errors.password?.message}
          {...form.register('password')}
        />
        {error === undefined ? null : (
          <p role="alert" style={{ color: 'var(--stop)', margin: 0 }}>
            {refusal(error)}
          </p>
        )}
        {isSuccess ? (
          <p role="status" style={{ margin: 0 }}>
            Set. Every other session has ended.
          </p>
        ) : null}
        <Button type="submit" variant="contained">
          Set the password
        </Button>
      </form>
    </>
  );
}

/** People: the accounts of the firm for its owners, and for everybody the own account. */
export function People() {
  const units = useStore((s) => s.view.units ?? 'metric');
  const { data: session } = api.useSessionQuery(undefined);
  const owner = session?.account?.role === 'owner';
  const { data: people } = api.usePeopleQuery(undefined, { skip: !owner });
  const [link, setLink] = useState<{ name: string; token: string }>();
  const onLink = (name: string, token: string) => {
    setLink({ name, token });
  };
  return (
    <div className="frame" style={{ gridTemplateRows: 'auto minmax(0, 1fr)' }}>
      <Bar units={units} />
      <div className="work jobs">
        <main className="pane sheet" style={{ padding: '18px 22px' }}>
          <h1 style={{ fontSize: 24 }}>People of {session?.firm?.name ?? 'the firm'}</h1>
          <p className="quiet">
            You are {session?.account?.role ?? 'nobody'}. <Link to="/">All jobs</Link>, <Link to="/interface">interface for other programs</Link>
          </p>
          {link ? <LinkShown {...link} /> : null}
          {owner ? (
            people?.map((p) => <Person key={p.id} person={p} me={p.id === session?.account?.id} onLink={onLink} />)
          ) : (
            <p>The accounts are kept by the owners of the firm.</p>
          )}
          {owner ? (
            <div style={{ maxWidth: 420 }}>
              <NewPerson onLink={onLink} />
            </div>
          ) : null}
        </main>
        <aside className="pane left-rule" style={{ padding: '18px 22px' }} aria-label="Your account">
          <OwnAccount />
        </aside>
      </div>
    </div>
  );
}
