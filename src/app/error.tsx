"use client";

/** What is said when a page fails: what happened, what it means, what to do. Never a stack of code. */
export default function PageError({ reset }: { readonly reset: () => void }) {
  return (
    <main className="slip fold-edge m-6 max-w-xl space-y-3 p-6" role="alert">
      <h1 className="text-xl">This page did not open</h1>
      <p>Nothing that was kept is lost. Try again; if it stays so, stop Inner Fold and start it anew.</p>
      <button type="button" className="button button-next" onClick={reset}>
        Try again
      </button>
    </main>
  );
}
