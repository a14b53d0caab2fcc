import { useWhen } from './when.ts';
import { memo } from 'react';
import { asksAnew, type Ask, type DepthGrid, type Fact, type Outline, type QuestionHelp, type Station, type TappingMap, type UnitSystem } from '@oddment/core';
import TextField from '@mui/material/TextField';
import { AboutQuestion } from './AboutQuestion.tsx';
import { ChoiceButtons } from './ChoiceButtons.tsx';
import { DepthGridField } from './DepthGridField.tsx';
import { MeasureField } from './MeasureField.tsx';
import { OutlineField } from './OutlineField.tsx';
import { StationsField } from './StationsField.tsx';
import { TappingField } from './TappingField.tsx';

export interface AskFieldProps {
  readonly ask: Ask;
  readonly fact: Fact<unknown> | undefined;
  readonly fieldKey: string;
  readonly units: UnitSystem;
  /** of stations: length of the line that they stand on, in mm */
  readonly runMm: number | undefined;
  readonly problem: string | undefined;
  /** what is told of it when one asks */
  readonly help?: QuestionHelp | undefined;
  readonly onAnswer: (ask: Ask, value: unknown, text?: string) => void;
  readonly onEmpty: (ask: Ask) => void;
}

const isObject = (value: unknown): value is object => typeof value === 'object' && value !== null;

/** The editor of one question, with where its answer comes from where it was carried over. It knows no kind of defect. */
export const AskField = memo(function AskField(props: AskFieldProps) {
  const { ask, fact, help } = props;
  return (
    <div data-field={ask.field} data-question={ask.question} className={ask.ask === 'measure' || ask.ask === 'text' ? undefined : 'wide'}>
      <Editor {...props} />
      {help === undefined ? null : <AboutQuestion help={help} />}
      {fact?.usualIn === undefined ? null : <p className="live quiet as-in">as usual in {fact.usualIn}</p>}
      {fact?.asIn === undefined ? null : (
        <p className="live quiet as-in">
          {fact.how === 'assumed' ? 'assumed as at' : 'as at'} {fact.asIn}
          {asksAnew(ask) ? ': is it so here too?' : ''}
        </p>
      )}
    </div>
  );
});

/** The editor of one question, by what kind of answer it wants. */
function Editor(props: AskFieldProps) {
  const { ask, fact, fieldKey, units, problem } = props;
  const when = useWhen();
  const onAnswer = (value: unknown, text?: string) => {
    props.onAnswer(ask, value, text);
  };
  const onEmpty = () => {
    props.onEmpty(ask);
  };
  const open = ask.required && fact === undefined ? ' open' : '';
  const hint = ask.hint === undefined || fact !== undefined ? null : <span className="hint"> {ask.hint}</span>;
  switch (ask.ask) {
    case 'measure':
      return (
        <div className={`ask${open}`}>
          <span className="q" aria-hidden="true">
            {ask.question}
            {hint}
          </span>
          <MeasureField
            fieldKey={fieldKey}
            label={ask.question}
            hiddenLabel
            kind={ask.kind}
            units={units}
            value={fact?.value as number | undefined}
            text={fact?.text}
            problem={problem}
            onValue={onAnswer}
            onEmpty={onEmpty}
          />
          {fact?.instrument === undefined ? null : (
            <p className="live quiet">
              {fact.how === 'measured' ? 'from the' : 'assumed from'} {fact.instrument}, {when(fact.at)}
            </p>
          )}
        </div>
      );
    case 'choice':
      return (
        <fieldset className={`ask${open}`}>
          <legend className="q">
            {ask.question}
            {hint}
          </legend>
          <ChoiceButtons ask={ask} chosen={fact?.value} onAnswer={onAnswer} />
          {problem === undefined ? null : <p className="wrong">{problem}</p>}
        </fieldset>
      );
    case 'stations':
      return (
        <fieldset className={`ask${open}`}>
          <legend className="q">
            {ask.question}
            {hint}
          </legend>
          <StationsField
            fieldKey={fieldKey}
            units={units}
            stations={(fact?.value ?? []) as readonly Station[]}
            runMm={props.runMm}
            onStations={onAnswer}
            onEmpty={onEmpty}
          />
          {problem === undefined ? null : (
            <p className="wrong" role="alert">
              {problem}
            </p>
          )}
        </fieldset>
      );
    case 'outline':
    case 'depth-grid':
    case 'tapping':
      return (
        <fieldset className={`ask${open}`}>
          <legend className="q">
            {ask.question}
            {hint}
          </legend>
          {ask.ask === 'outline' ? (
            <OutlineField
              key={`${fieldKey} ${isObject(fact?.value) && 'points' in fact.value ? 'corners' : 'shape'}`}
              fieldKey={fieldKey}
              units={units}
              outline={fact?.value as Outline | undefined}
              onOutline={onAnswer}
            />
          ) : null}
          {ask.ask === 'depth-grid' ? (
            <DepthGridField key={fieldKey} fieldKey={fieldKey} units={units} grid={fact?.value as DepthGrid | undefined} onGrid={onAnswer} />
          ) : null}
          {ask.ask === 'tapping' ? (
            <TappingField key={fieldKey} fieldKey={fieldKey} units={units} map={fact?.value as TappingMap | undefined} onMap={onAnswer} />
          ) : null}
          {problem === undefined ? null : (
            <p className="wrong" role="alert">
              {problem}
            </p>
          )}
        </fieldset>
      );
    case 'text':
      return (
        <div className={`ask${open}`}>
          <TextField
            label={ask.question}
            value={fact?.value ?? ''}
            helperText={problem ?? ask.hint}
            error={problem !== undefined}
            slotProps={{ htmlInput: { maxLength: ask.most } }}
            onChange={(event) => {
              if (event.target.value === '') onEmpty();
              else onAnswer(event.target.value);
            }}
          />
        </div>
      );
  }
}
