CREATE TABLE "practice_tries" (
	"id" text PRIMARY KEY NOT NULL,
	"person" text NOT NULL,
	"mark" text NOT NULL,
	"rules" jsonb NOT NULL,
	"right" boolean NOT NULL,
	"slip" text,
	"on" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "rehearsals" (
	"id" text PRIMARY KEY NOT NULL,
	"person" text NOT NULL,
	"title" text NOT NULL,
	"order_id" text,
	"document" jsonb NOT NULL,
	"timed" boolean NOT NULL,
	"answers" jsonb DEFAULT '{}'::jsonb NOT NULL,
	"lengths" jsonb DEFAULT '{}'::jsonb NOT NULL,
	"master" text,
	"closed_at" text,
	"started_at" text NOT NULL
);
--> statement-breakpoint
ALTER TABLE "rehearsals" ADD CONSTRAINT "rehearsals_order_id_orders_id_fk" FOREIGN KEY ("order_id") REFERENCES "public"."orders"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "practice_tries_person" ON "practice_tries" USING btree ("person");--> statement-breakpoint
CREATE INDEX "rehearsals_order" ON "rehearsals" USING btree ("order_id");