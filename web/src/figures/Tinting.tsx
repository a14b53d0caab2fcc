import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import {
  closeEnough,
  labOf,
  learnedSayings,
  tell,
  tintingAnswer,
  tintingTool,
  tintingWhy,
  TintingPot,
  usualTints,
  whiteBase,
  type Dab,
  type EyeRemark,
  type Lab,
  type UnitSystem,
} from '@oddment/core';
import { useMemo, useState } from 'react';
import { givenOf, kindsOf, ToolFields } from './AskedMeasure.tsx';
import { useAsked } from './useAsked.ts';

const remarks = {
  lightness: ['too light', 'right', 'too dark'],
  warmth: ['too warm', 'right', 'too cool'],
  redness: ['too red', 'right', 'too green'],
} as const satisfies Record<string, readonly string[]>;

interface Pot {
  readonly grams: readonly number[];
  readonly dabs: readonly Dab[];
}

function DabForm({ onDab }: { onDab: (of: { readonly by: 'meter'; readonly lab: Lab } | { readonly by: 'eye'; readonly remark: EyeRemark }) => void }) {
  const [by, setBy] = useState<'meter' | 'eye'>('meter');
  const [text, setText] = useState('');
  const [remark, setRemark] = useState<EyeRemark>({ how: 'a little' });
  const lab = labOf(text);
  const spoken = remark.lightness !== undefined || remark.warmth !== undefined || remark.redness !== undefined;
  const plain = (on: boolean, words: string, act: () => void) => (
    <button type="button" key={words} className={`plain${on ? ' on' : ''}`} aria-pressed={on} onClick={act}>
      {words}
    </button>
  );
  return (
    <fieldset className="dab">
      <legend>The dried dab</legend>
      <div role="group" aria-label="Measured or judged" className="choices">
        {plain(by === 'meter', 'measured', () => {
          setBy('meter');
        })}
        {plain(by === 'eye', 'by eye', () => {
          setBy('eye');
        })}
      </div>
      {by === 'meter' ? (
        <div style={{ maxWidth: 320 }}>
          <label htmlFor="q-dab" className="q">
            L, a, b of the dab
          </label>
          <TextField
            id="q-dab"
            size="small"
            placeholder="88.1, 0.4, 9.6"
            value={text}
            error={text !== '' && !lab}
            helperText={text !== '' && !lab ? 'Three numbers: L from 0 to 100, then a and b.' : undefined}
            onChange={(event) => {
              setText(event.target.value);
            }}
            slotProps={{ htmlInput: { autoComplete: 'off' } }}
          />
        </div>
      ) : (
        <>
          {(Object.keys(remarks) as (keyof typeof remarks)[]).map((axis) => (
            <div role="group" aria-label={axis} className="choices" key={axis}>
              {remarks[axis].map((word) =>
                plain(remark[axis] === word, word, () => {
                  setRemark({ ...remark, [axis]: word });
                }),
              )}
            </div>
          ))}
          <div role="group" aria-label="How much" className="choices">
            {(['a little', 'clearly'] as const).map((how) =>
              plain(remark.how === how, how, () => {
                setRemark({ ...remark, how });
              }),
            )}
          </div>
        </>
      )}
      <Button
        variant="contained"
        disabled={by === 'meter' ? !lab : !spoken}
        onClick={() => {
          if (by === 'eye') onDab({ by, remark });
          else if (lab) onDab({ by, lab });
          setText('');
          setRemark({ how: remark.how });
        }}
      >
        Take the dab
      </Button>
    </fieldset>
  );
}

const kinds = kindsOf(tintingTool);

/** A pot of white brought to a color, addition by addition. */
export function Tinting({ units: own }: { units: UnitSystem }) {
  const asked = useAsked(own, kinds);
  const { units } = asked;
  const given = givenOf(asked, tintingTool);
  const target = labOf(given?.texts['target'] ?? '');
  const out = new Set((asked.typed['without'] ?? '').split(',').filter((id) => id !== ''));
  const tints = usualTints.filter((t) => !out.has(t.id));
  const key = JSON.stringify([target, given?.measures, tints.map((t) => t.id)]);
  const pot = useMemo(() => {
    const { base: baseG = 1, step: divisionG = 1 } = given?.measures ?? {};
    return target && given && tints.length > 0 ? new TintingPot({ base: whiteBase, tints, target, baseG, divisionG, limit: closeEnough }) : undefined;
    // a new pot where what it is made of changes, told by its key
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  const [kept, setKept] = useState<{ readonly key: string; readonly pot: Pot }>();
  const now: Pot = kept?.key === key ? kept.pot : { grams: pot?.start ?? [], dabs: [] };
  const keep = (next: Pot) => {
    setKept({ key, pot: next });
  };
  const last = now.dabs[now.dabs.length - 1];
  // what was added has to be looked at before more goes in
  const wantsDab = now.grams.some((g, i) => i > 0 && g > 0) && !last?.grams.every((g, i) => g === now.grams[i]);
  const next = useMemo(() => (wantsDab ? undefined : pot?.next(now.grams, now.dabs)), [wantsDab, pot, now.grams, now.dabs]);
  const how = { units, timeZone: 'UTC' } as const;
  const told = pot && next ? tintingAnswer(pot, next).map((s) => tell(s, how)) : [];
  const grams = (g: number) => `${String(Math.round(g * 1000) / 1000)} g`;
  return (
    <>
      <ToolFields asked={asked} tool={tintingTool} answer={given && !target ? tintingTool.answer(given) : undefined} without={['added', 'dab']} />
      <div role="group" aria-label="Tints at hand" className="choices">
        {usualTints.map((t) => (
          <button
            type="button"
            key={t.id}
            className={`plain${out.has(t.id) ? '' : ' on'}`}
            aria-pressed={!out.has(t.id)}
            onClick={() => {
              asked.set('without', [...usualTints.filter((u) => (u.id === t.id ? !out.has(u.id) : out.has(u.id))).map((u) => u.id)].join(','));
            }}
          >
            {t.title}
          </button>
        ))}
      </div>
      <output className="said" aria-live="polite">
        {told.slice(0, Math.max(1, told.length - 1)).map((line) => (
          <b className="line" key={line}>
            {line}
          </b>
        ))}
      </output>
      {told.length > 1 ? <p>{told[told.length - 1]}</p> : null}
      {next?.state === 'add' ? (
        <Button
          variant="contained"
          onClick={() => {
            keep({ grams: now.grams.map((g, i) => g + (i === 0 ? next.baseG : (next.tintsG[i - 1] ?? 0))), dabs: now.dabs });
          }}
        >
          Added
        </Button>
      ) : null}
      {now.grams.some((g, i) => i > 0 && g > 0) ? (
        <>
          {wantsDab ? (
            <DabForm
              onDab={(dab) => {
                keep({ ...now, dabs: [...now.dabs, { grams: now.grams, ...dab }] });
              }}
            />
          ) : null}
          <dl className="facts">
            {now.grams.map((g, i) =>
              g === 0 ? null : (
                <div key={i} style={{ display: 'contents' }}>
                  <dt>{i === 0 ? whiteBase.title : (tints[i - 1]?.title ?? '')}</dt>
                  <dd>{grams(g)}</dd>
                </div>
              ),
            )}
          </dl>
          {pot && now.dabs.length > 0 ? (
            <p className="quiet">
              Learned from {now.dabs.length === 1 ? 'one dab' : `${String(now.dabs.length)} dabs`}.{' '}
              {learnedSayings(pot, pot.learned(now.dabs), now.grams)
                .map((s) => tell(s, how))
                .join(' ')}
            </p>
          ) : null}
          <Button
            variant="outlined"
            onClick={() => {
              setKept(undefined);
            }}
          >
            Begin again
          </Button>
        </>
      ) : null}
      <p className="quiet">{tintingWhy}</p>
    </>
  );
}
