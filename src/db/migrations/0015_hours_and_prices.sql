ALTER TABLE "shop" ADD COLUMN "hours_a_day" double precision DEFAULT 8 NOT NULL;--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "hourly" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "notion_prices" jsonb DEFAULT '{}'::jsonb NOT NULL;