ALTER TABLE "orders" ADD COLUMN "unit" text;
--> statement-breakpoint
UPDATE "orders" SET "unit" = COALESCE((SELECT "unit" FROM "shop" WHERE "id" = 1), 'in');
--> statement-breakpoint
ALTER TABLE "orders" ALTER COLUMN "unit" SET NOT NULL;
