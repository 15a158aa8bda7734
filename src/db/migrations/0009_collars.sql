-- Garments have collars of their own from here on: an order of before has none, and the front that it had without.
UPDATE "orders" SET "choices" = '{"collar":"none"}'::jsonb || "choices"
WHERE "garment" IN ('shirt', 'lapel-dress') AND NOT jsonb_exists("choices", 'collar');
