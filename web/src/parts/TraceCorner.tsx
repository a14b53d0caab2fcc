import type { Place } from '@oddment/core';

const arrows: Readonly<Record<string, Place>> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

interface CornerProps {
  readonly number: number;
  readonly at: Place;
  /** width of a mark in the picture's pixels */
  readonly mark: number;
  readonly held: boolean;
  readonly onHold: (on: boolean) => void;
  readonly onDrag: (event: React.PointerEvent) => void;
  readonly onNudge: (by: Place) => void;
}

/** A corner of what is known: dragged, or moved by a pixel with the arrow keys. */
export function Corner({ number, at: [x, y], mark, held, onHold, onDrag, onNudge }: CornerProps) {
  return (
    <g>
      <circle
        cx={x}
        cy={y}
        r={mark * 3}
        className="grip"
        strokeWidth={mark / 4}
        role="button"
        tabIndex={0}
        aria-label={`Corner ${String(number)} of what is known`}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          onHold(true);
        }}
        onPointerMove={(event) => {
          if (held) onDrag(event);
        }}
        onPointerUp={() => {
          onHold(false);
        }}
        onKeyDown={(event) => {
          const by = arrows[event.key];
          if (!by) return;
          event.preventDefault();
          onNudge(by);
        }}
      />
      <path
        d={`M${String(x - mark * 3)} ${String(y)}h${String(mark * 6)}M${String(x)} ${String(y - mark * 3)}v${String(mark * 6)}`}
        className="hair"
        strokeWidth={mark / 6}
      />
    </g>
  );
}
