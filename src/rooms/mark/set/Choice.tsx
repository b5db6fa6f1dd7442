type Props = {
  readonly label: string;
  /** What stands there while nothing is chosen. */
  readonly none: string;
  readonly value: string | null;
  readonly options: readonly (readonly [id: string, name: string])[];
  readonly onChoose: (id: string) => void;
};

/** One of several, where it could not be found out; what is still to be chosen stands out. */
export function Choice({ label, none, value, options, onChoose }: Props) {
  return (
    <select
      aria-label={label}
      className={`field w-auto! ${value === null ? 'border-wrong!' : ''}`}
      value={value ?? ''}
      onChange={(event) => onChoose(event.target.value)}
    >
      {value === null && <option value="">{none}</option>}
      {options.map(([id, name]) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </select>
  );
}
