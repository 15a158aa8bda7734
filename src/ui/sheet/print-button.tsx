"use client";

export function PrintButton() {
  return (
    <button type="button" className="button button-next" onClick={() => window.print()}>
      Print
    </button>
  );
}
