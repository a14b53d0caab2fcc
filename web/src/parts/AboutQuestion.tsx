import { sketches, type QuestionHelp, type Sketch } from '@oddment/core';
import { useId, useState } from 'react';

const drawn: Readonly<Record<Sketch, { readonly lines: readonly string[]; readonly marks: readonly string[] }>> = {
  widths: {
    lines: ['M8 36 C30 30 40 22 62 30 S104 44 124 30 S146 34 152 33', 'M8 40 C30 42 44 44 64 40 S104 52 124 34 S146 38 152 36'],
    marks: ['M12 24 V52', 'M62 16 V54', 'M124 18 V48', 'M148 22 V48'],
  },
  straightedge: {
    lines: ['M8 40 H48 C58 40 62 58 80 58 S102 40 112 40 H152'],
    marks: ['M30 34 H130 V38 H30 Z', 'M80 34 V58'],
  },
  step: {
    lines: ['M8 34 H78 V66', 'M84 66 V50 H152'],
    marks: ['M30 28 H130 V33 H30 Z', 'M112 33 V50'],
  },
  outline: {
    lines: ['M60 30 L84 24 L104 34 L98 52 L70 56 L54 44 Z'],
    marks: ['M44 18 H114 V62 H44 Z', 'M44 70 H114', 'M124 18 V62'],
  },
  'depth-grid': {
    lines: ['M44 16 H116 V64 H44 Z'],
    marks: ['M56 26 h.1 M80 26 h.1 M104 26 h.1 M56 40 h.1 M80 40 h.1 M104 40 h.1 M56 54 h.1 M80 54 h.1 M104 54 h.1'],
  },
  tapping: {
    lines: ['M40 12 H120 V68 H40 Z', 'M60 12 V68 M80 12 V68 M100 12 V68 M40 31 H120 M40 49 H120'],
    marks: ['M63 34 L77 46 M77 34 L63 46', 'M83 34 L97 46 M97 34 L83 46', 'M83 52 L97 64 M97 52 L83 64'],
  },
  overhang: {
    lines: ['M8 24 H100 V38 H82 V68 H152'],
    marks: ['M82 12 V38', 'M82 16 H100'],
  },
};

function SketchPicture({ of }: { of: Sketch }) {
  const { lines, marks } = drawn[of];
  return (
    <svg className="about-sketch" viewBox="0 0 160 80" role="img" aria-label={sketches[of]}>
      {lines.map((d) => (
        <path key={d} d={d} className="ground" />
      ))}
      {marks.map((d) => (
        <path key={d} d={d} className="taken" />
      ))}
    </svg>
  );
}

/** A button beside a question that tells why it is asked and how it is found out. F1 opens it from the answer. */
export function AboutQuestion({ help }: { help: QuestionHelp }) {
  const [open, setOpen] = useState(false);
  const id = useId();
  return (
    <>
      <button
        type="button"
        className="about"
        // keys go from answer to answer: F1 opens it from there
        tabIndex={-1}
        aria-expanded={open}
        aria-controls={id}
        aria-label="Why is this asked?"
        onClick={() => {
          setOpen(!open);
        }}
      >
        ?
      </button>
      <div id={id} className="about-text" hidden={!open}>
        {open ? (
          <>
            {help.why}
            {help.how === undefined ? null : <p>{help.how}</p>}
            {help.sketch === undefined ? null : <SketchPicture of={help.sketch} />}
          </>
        ) : null}
      </div>
    </>
  );
}

/** Opens what is told of the question in hand, by F1. */
export function aboutByKey(event: KeyboardEvent): void {
  if (event.key !== 'F1' || event.defaultPrevented) return;
  const about = document.activeElement?.closest('[data-field]')?.querySelector<HTMLElement>('button.about');
  if (!about) return;
  event.preventDefault();
  about.click();
}
