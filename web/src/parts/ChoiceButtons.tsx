import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { Ask } from '@oddment/core';

interface ChoiceButtonsProps {
  readonly ask: Ask & { readonly ask: 'choice' };
  readonly chosen: unknown;
  readonly onAnswer: (value: string) => void;
}

const along: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

/** The answers of a question as buttons: one stop for the hand, walked with the arrows, chosen by their number too. */
export function ChoiceButtons({ ask: { options, question }, chosen, onAnswer }: ChoiceButtonsProps) {
  const stop = Math.max(
    0,
    options.findIndex((o) => o.value === chosen),
  );
  const keys = (event: React.KeyboardEvent<HTMLElement>) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const buttons = [...event.currentTarget.querySelectorAll('button')];
    const step = along[event.key];
    const at = buttons.findIndex((b) => b === document.activeElement);
    const option = options[Number(event.key) - 1];
    if (step !== undefined) buttons[(at + step + buttons.length) % buttons.length]?.focus();
    else if (/^[1-9]$/.test(event.key) && option) {
      onAnswer(option.value);
      buttons[Number(event.key) - 1]?.focus();
    } else return;
    event.preventDefault();
  };
  return (
    <ToggleButtonGroup
      exclusive
      size="small"
      value={chosen ?? null}
      aria-label={question}
      onKeyDown={keys}
      onChange={(_event, value: string | null) => {
        if (value !== null) onAnswer(value);
      }}
    >
      {options.map((o, i) => (
        <ToggleButton key={o.value} value={o.value} tabIndex={i === stop ? 0 : -1} data-n={i + 1}>
          {o.label}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}
