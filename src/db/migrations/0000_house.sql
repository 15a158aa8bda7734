CREATE TABLE "cards" (
	"id" text PRIMARY KEY NOT NULL,
	"client_id" text NOT NULL,
	"taken_on" text NOT NULL,
	"readings" jsonb NOT NULL,
	"created_at" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "clients" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"created_at" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "cut_sheets" (
	"id" text PRIMARY KEY NOT NULL,
	"order_id" text NOT NULL,
	"sheet" jsonb NOT NULL,
	"frozen_at" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "orders" (
	"id" text PRIMARY KEY NOT NULL,
	"number" integer NOT NULL,
	"client_id" text NOT NULL,
	"card_id" text NOT NULL,
	"garment" text NOT NULL,
	"choices" jsonb NOT NULL,
	"rules" jsonb NOT NULL,
	"cloth" jsonb NOT NULL,
	"state" text NOT NULL,
	"promised_on" text,
	"updated_at" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "rule_sets" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"base" text NOT NULL,
	"overrides" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "shop" (
	"id" integer PRIMARY KEY NOT NULL,
	"unit" text NOT NULL,
	"next_order_number" integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE "table_progress" (
	"order_id" text PRIMARY KEY NOT NULL,
	"step_id" text NOT NULL,
	"done" jsonb NOT NULL,
	"updated_at" text NOT NULL
);
--> statement-breakpoint
ALTER TABLE "cards" ADD CONSTRAINT "cards_client_id_clients_id_fk" FOREIGN KEY ("client_id") REFERENCES "public"."clients"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "cut_sheets" ADD CONSTRAINT "cut_sheets_order_id_orders_id_fk" FOREIGN KEY ("order_id") REFERENCES "public"."orders"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "orders" ADD CONSTRAINT "orders_client_id_clients_id_fk" FOREIGN KEY ("client_id") REFERENCES "public"."clients"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "orders" ADD CONSTRAINT "orders_card_id_cards_id_fk" FOREIGN KEY ("card_id") REFERENCES "public"."cards"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "table_progress" ADD CONSTRAINT "table_progress_order_id_orders_id_fk" FOREIGN KEY ("order_id") REFERENCES "public"."orders"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "cut_sheets_order" ON "cut_sheets" USING btree ("order_id");--> statement-breakpoint
CREATE UNIQUE INDEX "orders_number" ON "orders" USING btree ("number");