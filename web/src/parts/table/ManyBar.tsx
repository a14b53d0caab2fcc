import Button from '@mui/material/Button';
import type { DefectRecord } from '@oddment/contracts';
import { useState } from 'react';
import { usePlace } from '../../screens/JobFrame.tsx';
import { pageNow } from '../../state/clock.ts';
import { useMany } from '../../state/many.ts';
import { answerPatch } from '../../views/cellTyping.ts';
import { besideNow, canTake, isAsked, sharedAsks, sharedSystems } from '../../views/manyAtOnce.ts';

interface ChooserProps {
  readonly label: string;
  readonly options: readonly (readonly [value: string, words: string])[];
  readonly onChoose: (value: string) => void;
}

/** A list of which one entry is done at once. */
function Chooser({ label, options, onChoose }: ChooserProps) {
  return (
    <label className="many-chooser">
      {label}{' '}
      <select
        value=""
        onChange={(event) => {
          if (event.target.value !== '') onChoose(event.target.value);
        }}
      >
        <option value="">choose</option>
        {options.map(([value, words]) => (
          <option key={value} value={value}>
            {words}
          </option>
        ))}
      </select>
    </label>
  );
}

/** Answers one question for all that are asked it. */
function Answer({ chosen }: { readonly chosen: readonly DefectRecord[] }) {
  const { job, units, plans } = usePlace();
  const many = useMany(job);
  // what is asked depends on what is usual in an area too
  const held = (defect: DefectRecord) => plans.get(defect.id)?.defect ?? defect;
  const asks = sharedAsks(chosen.map(held));
  const [index, setIndex] = useState<number>();
  const [text, setText] = useState('');
  const [wrong, setWrong] = useState<string>();
  const asked = index === undefined ? undefined : asks[index]?.ask;
  const count = (n: number) => (n === chosen.length ? '' : `, asked of ${String(n)}`);
  const take = (value: string) => {
    const [first] = chosen;
    const read = asked && first ? answerPatch({ defect: first }, asked, value, units, pageNow()) : undefined;
    if (!asked || !read) return;
    if (!read.ok) {
      setWrong(read.why);
      return;
    }
    many.change(chosen, (defect) => {
      const own = isAsked(held(defect), asked) ? answerPatch({ defect }, asked, value, units, pageNow()) : undefined;
      return own?.ok === true ? own.patch : undefined;
    });
    setIndex(undefined);
    setText('');
  };
  return (
    <>
      <Chooser
        label={asked ? `Answer ‘${asked.question}’` : 'Answer'}
        options={asks.map(({ ask, count: n }, i) => [String(i), `${ask.question}${count(n)}`])}
        onChoose={(value) => {
          setWrong(undefined);
          setIndex(Number(value));
        }}
      />
      {asked?.ask === 'choice' ? <Chooser label="with" options={asked.options.map((o) => [o.value, o.label])} onChoose={take} /> : null}
      {asked?.ask === 'measure' ? (
        <form
          className="many-chooser"
          onSubmit={(event) => {
            event.preventDefault();
            if (text.trim() !== '') take(text);
          }}
        >
          <label>
            with{' '}
            <input
              value={text}
              onChange={(event) => {
                setWrong(undefined);
                setText(event.target.value);
              }}
            />
          </label>
          <Button type="submit" size="small" variant="outlined">
            Set
          </Button>
          {wrong === undefined ? null : (
            <span className="care" role="alert">
              {wrong}
            </span>
          )}
        </form>
      ) : null}
    </>
  );
}

/** What can be done with all repairs that are chosen. */
export function ManyBar({ chosen, onNone }: { readonly chosen: readonly DefectRecord[]; readonly onNone: () => void }) {
  const { job, plans } = usePlace();
  const many = useMany(job);
  // one alone can be put in another order
  const only = chosen.length === 1 ? chosen[0] : undefined;
  const systems = sharedSystems(chosen.map((d) => plans.get(d.id)));
  const fits = (n: number) => (n === chosen.length ? '' : `, fits ${String(n)}`);
  return (
    <div className="many" role="region" aria-label="Chosen repairs">
      <b>{chosen.length === 1 ? 'One chosen' : `${String(chosen.length)} chosen`}</b>
      <Answer chosen={chosen} />
      <Chooser
        label="System"
        options={systems.map((s) => [s.id, `${s.title}${fits(s.count)}`])}
        onChoose={(system) => {
          many.change(chosen, (d) => (canTake(plans.get(d.id), system) ? { choice: { system } } : undefined));
        }}
      />
      <Chooser
        label="Move to"
        options={job.areas.map((a) => [a.id, a.name])}
        onChoose={(areaId) => {
          void many.move(chosen, areaId);
        }}
      />
      {only
        ? ([-1, 1] as const).map((by) => {
            const place = besideNow(job, only.id, by);
            return (
              <Button
                key={by}
                size="small"
                variant="outlined"
                disabled={!place}
                onClick={() => {
                  if (place) void many.move([only], place.areaId, place.before);
                }}
              >
                {by < 0 ? 'Earlier' : 'Later'}
              </Button>
            );
          })
        : null}
      <Button
        size="small"
        variant="outlined"
        onClick={() => {
          void many.remove(chosen).then(onNone);
        }}
      >
        Delete
      </Button>
      <Button size="small" onClick={onNone}>
        Choose none
      </Button>
    </div>
  );
}
