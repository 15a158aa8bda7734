CREATE TABLE "incoming_sheets" (
	"id" text PRIMARY KEY NOT NULL,
	"order_id" text NOT NULL,
	"sheet" jsonb NOT NULL,
	"frozen_at" text NOT NULL
);
