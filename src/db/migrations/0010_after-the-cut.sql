ALTER TABLE "orders" ADD COLUMN "spoilt" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "orders" ADD COLUMN "fitted" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "orders" ADD COLUMN "money" jsonb;--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "currency" text DEFAULT '' NOT NULL;