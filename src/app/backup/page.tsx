import type { Metadata } from "next";
import { listDumps } from "@/server/backup/dumps";
import { loadShop } from "@/server/load";
import { CopiesView } from "@/ui/backup/copies-view";
import { PriceList } from "@/ui/backup/price-list";
import { ShopSettings } from "@/ui/backup/shop-settings";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "Shop and copies" };
export const dynamic = "force-dynamic";

export default async function BackupPage() {
  const shop = await loadShop();
  return (
    <>
      <PageHead title="Shop and copies" about="The whole shop in a file, and back" withPages />
      <main className="mx-auto grid max-w-6xl items-start gap-6 p-4 lg:grid-cols-[2fr_1fr]">
        <div className="space-y-6">
          <CopiesView dumps={await listDumps()} />
          <PriceList shop={shop} />
        </div>
        <div className="space-y-6">
          <ShopSettings shop={shop} />
        </div>
      </main>
    </>
  );
}
