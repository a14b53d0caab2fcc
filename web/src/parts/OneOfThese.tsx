interface OneOfTheseProps<T> {
  readonly label: string;
  readonly choices: readonly { readonly id: T; readonly words: string }[];
  readonly chosen: T;
  readonly onChoose: (id: T) => void;
}

/** Which part of a list is shown: one of several, side by side. */
export function OneOfThese<T extends string | undefined>({ label, choices, chosen, onChoose }: OneOfTheseProps<T>) {
  return (
    <span className="pair" role="group" aria-label={label}>
      {choices.map(({ id, words }) => (
        <button
          key={words}
          type="button"
          className="plain"
          aria-pressed={chosen === id}
          onClick={() => {
            onChoose(id);
          }}
        >
          {words}
        </button>
      ))}
    </span>
  );
}
