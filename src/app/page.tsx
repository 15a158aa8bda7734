import Link from "next/link";
import { orderStateOf } from "@/server/ids";
import { loadWeek, WEEK_STRIP_DAYS } from "@/server/load";
import { FirstDay } from "@/ui/orders/first-day";
import { StateShelves } from "@/ui/orders/state-shelves";
import { WeekStrip } from "@/ui/orders/week-strip";
import { PageHead } from "@/ui/shell/page-head";

export const dynamic = "force-dynamic";

export default async function OrdersPage({
  searchParams,
}: {
  readonly searchParams: Promise<{ readonly all?: string }>;
}) {
  const { today, monday, due, shelves, shop, short } = await loadWeek(orderStateOf((await searchParams).all));
  const many = shelves.reduce((sum, shelf) => sum + (shelf.state === "collected" ? 0 : shelf.many), 0);
  return (
    <>
      <PageHead title="Orders" about={many === 0 ? "Nothing on the table" : `${many} in work`} withPages>
        <Link href="/orders/new" className="button button-next" prefetch={false}>
          New order
        </Link>
      </PageHead>
      <main className="mx-auto max-w-7xl space-y-6 p-4">
        {shelves.length === 0 ? (
          <FirstDay />
        ) : (
          <>
            <WeekStrip
              monday={monday}
              days={WEEK_STRIP_DAYS}
              today={today}
              due={due}
              dayHolds={shop.dayHolds}
              short={short}
            />
            <StateShelves shelves={shelves} today={today} />
          </>
        )}
      </main>
    </>
  );
}
