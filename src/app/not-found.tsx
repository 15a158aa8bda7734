import Link from "next/link";

export default function NotFound() {
  return (
    <main className="slip fold-edge m-6 max-w-xl space-y-3 p-6">
      <h1 className="text-xl">There is no such page in the book</h1>
      <p>The order or client is not here, or the address was typed wrong.</p>
      <Link href="/" className="button button-next">
        To the orders
      </Link>
    </main>
  );
}
