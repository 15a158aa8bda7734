CREATE FUNCTION keep_cut_sheet() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION 'a cut sheet that was cut from never changes';
END;
$$;
--> statement-breakpoint
CREATE TRIGGER cut_sheets_are_frozen BEFORE UPDATE OR DELETE ON cut_sheets FOR EACH ROW EXECUTE FUNCTION keep_cut_sheet();
