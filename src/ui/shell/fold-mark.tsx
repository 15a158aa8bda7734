/** The mark of the application: a piece of cloth, doubled, its fold at the left. */
export function FoldMark({ size = 32 }: { readonly size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 32 32" aria-hidden="true">
      <path d="M27 10 V28 H9 C6 28 4 26 4 23 V9" fill="#8a6a8f" />
      <path d="M10 4 H28 V24 H10 C6 24 4 21 4 17 V10 C4 6 6 4 10 4 Z" fill="#3b2340" />
      <path d="M9 4.5 C5.5 5 4.5 7 4.5 10 V20" fill="none" stroke="#ffbf5e" strokeWidth="2.4" strokeLinecap="round" />
      <path
        d="M14 9 V20"
        fill="none"
        stroke="#fdf8ec"
        strokeWidth="1.6"
        strokeDasharray="3 2.2"
        strokeLinecap="round"
      />
    </svg>
  );
}
