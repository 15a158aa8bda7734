DROP INDEX "cut_sheets_order";--> statement-breakpoint
ALTER TABLE "cut_sheets" ADD COLUMN "take" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "incoming_sheets" ADD COLUMN "take" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
CREATE UNIQUE INDEX "cut_sheets_order" ON "cut_sheets" USING btree ("order_id","take");