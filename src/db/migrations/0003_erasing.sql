CREATE OR REPLACE FUNCTION keep_cut_sheet() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  -- A client who leaves takes every sheet along; a whole shop that is brought back replaces every sheet.
  IF TG_OP = 'DELETE' AND current_setting('inner_fold.erasing', true) = 'on' THEN
    RETURN OLD;
  END IF;
  RAISE EXCEPTION 'a cut sheet that was cut from never changes';
END;
$$;
