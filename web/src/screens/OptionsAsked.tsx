import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { scopes, type Asked, type Candidate, type Face, type Scope } from '@oddment/core';
import { MeasureField } from '../parts/MeasureField.tsx';
import { usePlace } from './JobFrame.tsx';

/** What is put side by side: a scope and a system each. */
export function OptionsAsked({
  asked,
  candidates,
  face,
  onAsk,
  onFace,
}: {
  asked: readonly Asked[];
  candidates: readonly Candidate[];
  face: Partial<Face>;
  onAsk: (at: number, part: Partial<Asked>) => void;
  onFace: (part: Partial<Face>) => void;
}) {
  const { units, defect } = usePlace();
  return (
    <div className="no-print asking">
      {asked.map((one, i) => (
        <fieldset key={i}>
          <legend>Option {i + 1}</legend>
          <TextField
            select
            size="small"
            label="How far"
            value={one.scope}
            onChange={(e) => {
              onAsk(i, { scope: e.target.value as Scope });
            }}
          >
            {Object.entries(scopes).map(([id, { title }]) => (
              <MenuItem key={id} value={id}>
                {title}
              </MenuItem>
            ))}
          </TextField>
          <TextField
            select
            size="small"
            label="With"
            value={one.system ?? ''}
            onChange={(e) => {
              onAsk(i, { system: e.target.value });
            }}
          >
            {candidates.map(({ system }) => (
              <MenuItem key={system.id} value={system.id}>
                {system.title}
              </MenuItem>
            ))}
          </TextField>
        </fieldset>
      ))}
      <fieldset>
        <legend>The whole face</legend>
        <MeasureField
          fieldKey={`face-w ${defect?.id ?? ''}`}
          label="Width"
          kind="length"
          units={units}
          value={face.widthMm}
          text={undefined}
          whenLeft
          onValue={(widthMm) => {
            onFace({ widthMm });
          }}
        />
        <MeasureField
          fieldKey={`face-h ${defect?.id ?? ''}`}
          label="Height"
          kind="length"
          units={units}
          value={face.heightMm}
          text={undefined}
          whenLeft
          onValue={(heightMm) => {
            onFace({ heightMm });
          }}
        />
      </fieldset>
    </div>
  );
}
