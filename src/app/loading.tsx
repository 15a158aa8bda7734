/** While a page is on its way: the cloth, being laid out. */
export default function Loading() {
  return (
    <main className="p-6" aria-busy="true">
      <p role="status" className="slip fold-edge max-w-sm p-6 font-head text-lg font-semibold">
        Laying it out…
      </p>
    </main>
  );
}
