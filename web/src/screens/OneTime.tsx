import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import type { OneTimeBody } from '@oddment/contracts';
import { contractResolver } from '../parts/contractResolver.ts';
import { useForm } from 'react-hook-form';
import { useNavigate, useParams } from 'react-router';
import { refusal } from '../parts/refusal.ts';
import { Themed } from '../parts/Themed.tsx';
import { api } from '../state/api.ts';

/** Where a one-time link leads: setting one's password. */
export function OneTime() {
  const { token = '' } = useParams();
  const navigate = useNavigate();
  const [set, { error }] = api.useOneTimeMutation();
  const form = useForm<OneTimeBody>({ resolver: contractResolver((all) => all.OneTimeBody), defaultValues: { token, password: '' } });
  const { errors } = form.formState;
  const keep = form.handleSubmit(async ({ password }) => {
    const done = await set({ token, password });
    if (done.data) await navigate('/', { replace: true });
  });
  return (
    <Themed>
      <main>
        <form
          className="door"
          onSubmit={(event) => {
            void keep(event);
          }}
          noValidate
        >
          <h1>Set your password</h1>
          <p style={{ margin: 0 }}>This link works once. It signs you in.</p>
          <TextField
            label="Password, at least ten characters"
            type="password"
            autoComplete="new-password"
            error={errors.password !== undefined || errors.token !== undefined}
            helperText={errors.password?.message ?? errors.token?.message}
            {...form.register('password')}
          />
          {error === undefined ? null : (
            <p role="alert" style={{ color: 'var(--stop)', margin: 0 }}>
              {refusal(error)}
            </p>
          )}
          <Button type="submit" variant="contained">
            Set and sign in
          </Button>
        </form>
      </main>
    </Themed>
  );
}
