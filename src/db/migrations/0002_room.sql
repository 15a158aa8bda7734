CREATE TABLE "figure_notes" (
	"id" text PRIMARY KEY NOT NULL,
	"client_id" text NOT NULL,
	"piece" text NOT NULL,
	"line" text NOT NULL,
	"amount" text NOT NULL,
	"why" text NOT NULL,
	"in_use" boolean NOT NULL,
	"created_at" text NOT NULL
);
--> statement-breakpoint
ALTER TABLE "cards" ADD COLUMN "revision" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "orders" ADD COLUMN "fittings" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "day_holds" integer DEFAULT 4 NOT NULL;--> statement-breakpoint
ALTER TABLE "figure_notes" ADD CONSTRAINT "figure_notes_client_id_clients_id_fk" FOREIGN KEY ("client_id") REFERENCES "public"."clients"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "figure_notes_client" ON "figure_notes" USING btree ("client_id");--> statement-breakpoint
CREATE INDEX "cards_client" ON "cards" USING btree ("client_id");--> statement-breakpoint
CREATE INDEX "orders_client" ON "orders" USING btree ("client_id");