import { useId } from "react";

interface ChoicePillsProps {
  /** The id of what names the choice, or its name. */
  readonly labelledBy?: string;
  readonly label?: string;
  readonly options: readonly { readonly id: string; readonly label: string }[];
  readonly value: string;
  readonly onPick: (id: string) => void;
}

/** One of a few ways, each a pill to touch; the arrows walk through them as in any group of radio buttons. */
export function ChoicePills({ labelledBy, label, options, value, onPick }: ChoicePillsProps) {
  const name = useId();
  return (
    <div role="radiogroup" aria-labelledby={labelledBy} aria-label={label} className="flex flex-wrap gap-2">
      {options.map(({ id, label: said }) => (
        <label
          key={id}
          className="relative flex min-h-12 items-center rounded-md border-2 border-line bg-card px-3 py-1 has-[:checked]:border-cloth has-[:checked]:bg-cloth has-[:checked]:font-semibold has-[:checked]:text-chalk has-[:focus-visible]:outline-3 has-[:focus-visible]:outline-offset-2 has-[:focus-visible]:outline-next"
        >
          <input
            type="radio"
            name={name}
            value={id}
            checked={value === id}
            onChange={() => onPick(id)}
            className="absolute inset-0 size-full cursor-pointer opacity-0"
          />
          {said}
        </label>
      ))}
    </div>
  );
}
