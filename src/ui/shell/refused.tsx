/** What stood in the way of what was asked for, said at its place; nothing while nothing did. */
export function Refused({ said }: { readonly said: string | null }) {
  if (said === null) return null;
  return (
    <p role="alert" className="font-semibold text-wrong">
      {said}
    </p>
  );
}
