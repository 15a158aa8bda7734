const lines = [
  { name: "Stitching line", stroke: "var(--color-chalk)", width: 2, dash: undefined },
  { name: "Cutting line", stroke: "var(--color-chalk)", width: 4, dash: "12 5" },
  { name: "Guide line", stroke: "var(--color-guide)", width: 1, dash: undefined },
  { name: "Centre line", stroke: "var(--color-guide)", width: 2, dash: "12 4 3 4" },
  { name: "Dart, sewn", stroke: "var(--color-chalk)", width: 2, dash: "1 5" },
  { name: "Turned or sewn on, never cut", stroke: "var(--color-chalk)", width: 2, dash: "6 4" },
  { name: "The step in hand", stroke: "var(--color-lantern)", width: 5, dash: undefined },
] as const;

/** What each line on the cloth means; told apart by weight and rhythm as well as by tone. */
export function Legend() {
  return (
    <ul
      className="flex flex-wrap gap-x-4 gap-y-1 rounded-md bg-cloth px-3 py-2 text-sm text-chalk"
      aria-label="Lines on the cloth"
    >
      {lines.map(({ name, stroke, width, dash }) => (
        <li key={name} className="flex items-center gap-2">
          <svg width="36" height="10" aria-hidden="true">
            <path d="M 0 5 H 36" stroke={stroke} strokeWidth={width} strokeDasharray={dash} />
          </svg>
          {name}
        </li>
      ))}
      <li className="flex items-center gap-2">
        <svg width="22" height="14" aria-hidden="true">
          <path d="M 2 7 L 11 1 L 20 7 L 11 13 Z" fill="none" stroke="var(--color-chalk)" strokeWidth="2" />
        </svg>
        Notch
      </li>
    </ul>
  );
}
