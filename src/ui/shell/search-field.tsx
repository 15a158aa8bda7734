interface SearchFieldProps {
  readonly label: string;
  readonly letters: string;
  readonly onLetters: (letters: string) => void;
}

/** A field for a few letters that narrow a list. */
export function SearchField({ label, letters, onLetters }: SearchFieldProps) {
  return (
    <label className="block max-w-md pb-3">
      <span className="font-semibold">{label}</span>
      <input
        className="field"
        type="search"
        value={letters}
        autoComplete="off"
        onChange={(event) => onLetters(event.target.value)}
      />
    </label>
  );
}
