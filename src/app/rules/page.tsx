import type { Metadata } from "next";
import { typicalBody } from "@/core/body";
import { garments } from "@/core/garments";
import { ruleDefinition, ruleIds } from "@/core/rules";
import { describeRule } from "@/server/garment-decisions";
import { learnShop } from "@/server/learning";
import { loadOwnSets, loadShop } from "@/server/load";
import { LearntRules } from "@/ui/fitting/learnt-rules";
import { PartsAtHand } from "@/ui/garment/parts-at-hand";
import { RulesView } from "@/ui/rules/rules-view";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "House rules" };
export const dynamic = "force-dynamic";

interface RulesPageProps {
  readonly searchParams: Promise<{ rule?: string | string[] }>;
}

export default async function RulesPage({ searchParams }: RulesPageProps) {
  const { rule } = await searchParams;
  const first = ruleIds.find((id) => id === rule);
  return (
    <>
      <PageHead title="House rules" about="Where good tailors differ, and how this shop cuts" withPages />
      <main>
        <LearntRules learnt={await learnShop()} unit={(await loadShop()).unit} />
        {/* The first sample is the first garment's. */}
        <PartsAtHand of={garments.slice(0, 1).map(({ id }) => ({ garment: id }))}>
          <RulesView
            rules={ruleIds.map((id) => ({ ...describeRule(id), id, place: ruleDefinition(id).place }))}
            ownSets={await loadOwnSets()}
            garments={garments.map(({ id, label, uses, rules }) => ({ id, label, uses, own: Object.keys(rules) }))}
            figure={typicalBody}
            key={first}
            {...(first === undefined ? {} : { first })}
          />
        </PartsAtHand>
      </main>
    </>
  );
}
