import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import type { FirstAccountBody, SignInBody } from '@oddment/contracts';
import { contractResolver } from '../parts/contractResolver.ts';
import { useForm } from 'react-hook-form';
import { refusal } from '../parts/refusal.ts';
import { api } from '../state/api.ts';
import { useStore } from '../state/store.ts';

/** Signing in. */
export function SignIn() {
  const [signIn, { error }] = api.useSignInMutation();
  const form = useForm<SignInBody>({ resolver: contractResolver((all) => all.SignInBody), defaultValues: { login: '', password: '' } });
  const { errors } = form.formState;
  const left = useStore((s) => s.drafts.account !== undefined);
  const keep = form.handleSubmit(async ({ login, password }) => {
    await signIn({ login, password });
  });
  return (
    <main>
      <form
        className="door"
        onSubmit={(event) => {
          void keep(event);
        }}
        noValidate
      >
        <h1>Sign in to Oddment</h1>
        {left ? (
          <p style={{ margin: 0 }}>
            You are signed out. What was typed here and is not saved yet is kept for the person who typed it, and goes on when they sign in.
          </p>
        ) : null}
        <TextField
          label="Sign-in name"
          autoComplete="username"
          error={errors.login !== undefined}
          helperText={errors.login?.message}
          {...form.register('login')}
        />
        <TextField
          label="Password"
          type="password"
          autoComplete="current-password"
          error={errors.password !== undefined}
          helperText={errors.password?.message}
          {...form.register('password')}
        />
        {error === undefined ? null : (
          <p role="alert" style={{ color: 'var(--stop)', margin: 0 }}>
            {refusal(error)}
          </p>
        )}
        <Button type="submit" variant="contained">
          Sign in
        </Button>
      </form>
    </main>
  );
}

/** Making the first account of a new installation. */
export function FirstAccount() {
  const [make, { error }] = api.useFirstAccountMutation();
  const form = useForm<FirstAccountBody>({
    resolver: contractResolver((all) => all.FirstAccountBody),
    defaultValues: { firm: '', name: '', login: '', password: '' },
  });
  const { errors } = form.formState;
  const keep = form.handleSubmit(async ({ firm, name, login, password }) => {
    await make({ firm, name, login, password });
  });
  const field = (name: 'firm' | 'name' | 'login' | 'password', label: string, autoComplete: string) => (
    <TextField
      label={label}
      type={name === 'password' ? 'password' : 'text'}
      autoComplete={autoComplete}
      error={errors[name] !== undefined}
      helperText={errors[name]?.message}
      {...form.register(name)}
    />
  );
  return (
    <main>
      <form
        className="door"
        onSubmit={(event) => {
          void keep(event);
        }}
        noValidate
      >
        <h1>Make the first account</h1>
        <p style={{ margin: 0 }}>It is the owner’s. Everything entered here belongs to this firm.</p>
        {field('firm', 'Firm', 'organization')}
        {field('name', 'Your name', 'name')}
        {field('login', 'Sign-in name', 'username')}
        {field('password', 'Password, at least ten characters', 'new-password')}
        {error === undefined ? null : (
          <p role="alert" style={{ color: 'var(--stop)', margin: 0 }}>
            {refusal(error)}
          </p>
        )}
        <Button type="submit" variant="contained">
          Begin
        </Button>
      </form>
    </main>
  );
}
