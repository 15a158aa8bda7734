ALTER TABLE "cards" ADD COLUMN "figure" text DEFAULT 'woman' NOT NULL;--> statement-breakpoint
ALTER TABLE "cards" ADD COLUMN "age" double precision;