-- Garments have sleeves of their own from here on: an order of before has none.
UPDATE "orders" SET "choices" = "choices" || '{"sleeve":"none"}'::jsonb
WHERE "garment" IN ('shift-dress', 'shirt', 'pocket-shirt', 'shirt-dress', 'lapel-dress') AND NOT jsonb_exists("choices", 'sleeve');
