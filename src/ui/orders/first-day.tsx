import Link from "next/link";

const steps = [
  {
    title: "Measure a client",
    text: "Write the readings as you read them: 38 1/2, 38½, 97,5 cm.",
    path: "/clients/new",
  },
  {
    title: "Choose a garment",
    text: "Neck, opening, darts, fold: the cloth is drawn while you choose.",
    path: "/orders/new",
  },
  {
    title: "Look at your house rules",
    text: "Ease, allowances, armhole: start from one of three sets.",
    path: "/rules",
  },
] as const;

/** The first day: an empty table, and the three things to do at it. */
export function FirstDay() {
  return (
    <section className="slip fold-edge mx-auto max-w-3xl space-y-4 p-6">
      <h2 className="text-2xl">The table is clear</h2>
      <p>From the tape to the chalk, on the fold. Start with the first; the others wait.</p>
      <ol className="space-y-3">
        {steps.map(({ title, text, path }, index) => (
          <li key={path} className="flex flex-wrap items-center gap-x-4 gap-y-1">
            <span className="font-head text-3xl font-semibold text-cloth" aria-hidden="true">
              {index + 1}
            </span>
            <span className="min-w-0 basis-[calc(100%-3.5rem)] sm:flex-1 sm:basis-0">
              <strong className="block text-lg">{title}</strong>
              <span className="text-ink-soft">{text}</span>
            </span>
            <Link href={path} prefetch={false} className={index === 0 ? "button button-next" : "button"}>
              {title}
            </Link>
          </li>
        ))}
      </ol>
      <p className="text-sm text-ink-soft">
        A shop that moves here from another machine brings its{" "}
        <Link href="/backup" className="underline">
          copy
        </Link>
        .
      </p>
    </section>
  );
}
