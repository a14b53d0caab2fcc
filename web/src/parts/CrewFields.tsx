import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import { isSkill, isTold, mostCrew, skills } from '@oddment/core';
import type { JobFields } from '@oddment/contracts';
import { Controller, useFieldArray, useWatch, type Control } from 'react-hook-form';
import { useId } from 'react';
import { v4 as uuid } from 'uuid';
import { api } from '../state/api.ts';
import { namesAhead } from '../views/ahead.ts';

/** Names that a crew may have: who has an account, where one may see that, and who is planned on other jobs. One name is one person of the firm. */
function useKnownNames(): readonly string[] {
  const { data: session } = api.useSessionQuery(undefined);
  const { data: accounts } = api.usePeopleQuery(undefined, { skip: session?.account?.role !== 'owner' });
  const { data: ahead } = api.useAheadQuery(undefined);
  return [...new Set([...namesAhead(ahead ?? []), ...(accounts ?? []).map((p) => p.name)])].sort((a, b) => a.localeCompare(b));
}

/** Who works on a job: a line a person, with what each may do. A name may be left open. */
export function CrewFields({ control, problem }: { control: Control<JobFields>; problem: string | undefined }) {
  // the person's own id is a value of the form
  const { fields, append, remove } = useFieldArray({ control, name: 'crew', keyName: 'key' });
  const people = useWatch({ control, name: 'crew' });
  const known = useKnownNames();
  const list = useId();
  return (
    <fieldset className="crew">
      <legend>Crew</legend>
      <datalist id={list}>
        {known.map((name) => (
          <option key={name} value={name} />
        ))}
      </datalist>
      {fields.map((person, i) => (
        <div key={person.key} className="person" role="group" aria-label={`Person ${String(i + 1)}`}>
          <Controller
            name={`crew.${i}.name`}
            control={control}
            render={({ field, fieldState }) => (
              <TextField
                size="small"
                label={`Name of person ${String(i + 1)}`}
                placeholder="not said yet"
                slotProps={{ htmlInput: { list } }}
                error={fieldState.error !== undefined}
                helperText={fieldState.error?.message}
                {...field}
              />
            )}
          />
          <Button
            variant="outlined"
            size="small"
            aria-label={`Person ${String(i + 1)} leaves the crew`}
            disabled={fields.length === 1}
            onClick={() => {
              remove(i);
            }}
          >
            Leaves
          </Button>
          {/* what nobody in particular may do is not asked */}
          {isTold(people[i] ?? person) ? (
            <Controller
              name={`crew.${i}.skills`}
              control={control}
              render={({ field }) => (
                <div className="skills">
                  {Object.entries(skills).map(([id, words]) => (
                    <FormControlLabel
                      key={id}
                      label={words}
                      control={
                        <Checkbox
                          size="small"
                          checked={field.value.some((s) => s === id)}
                          onChange={(event) => {
                            const others = field.value.filter((s) => s !== id);
                            field.onChange(event.target.checked && isSkill(id) ? [...others, id] : others);
                          }}
                        />
                      }
                    />
                  ))}
                </div>
              )}
            />
          ) : null}
        </div>
      ))}
      {problem === undefined ? null : <p className="grade out">{problem}</p>}
      <Button
        variant="outlined"
        size="small"
        disabled={fields.length >= mostCrew}
        onClick={() => {
          append({ id: uuid(), name: '', skills: [] });
        }}
      >
        One more person
      </Button>
    </fieldset>
  );
}
