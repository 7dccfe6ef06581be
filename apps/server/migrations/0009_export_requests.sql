ALTER TABLE "exports" ADD COLUMN "request" jsonb;--> statement-breakpoint
ALTER TABLE "exports" ADD COLUMN "name" text;--> statement-breakpoint
UPDATE "exports" SET
  "request" = jsonb_build_object(
    'sheetIds', jsonb_build_array("sheet_id"),
    'file', CASE "type"
      WHEN 'pdf' THEN jsonb_build_object('type', "type", 'quality', "quality", 'dpi', greatest(10, least(1200, "scale" * coalesce(
        (SELECT (s->>'dpi')::real FROM jsonb_array_elements("document"->'sheets') s WHERE s->>'id' = "sheet_id" LIMIT 1), 300))))
      WHEN 'jpeg' THEN jsonb_build_object('type', "type", 'quality', "quality", 'scale', "scale")
      ELSE jsonb_build_object('type', "type", 'scale', "scale")
    END),
  "name" = coalesce(nullif(trim(regexp_replace("document"->>'name', '[^[:alnum:] ._-]', '', 'g')), ''), 'picture')
    || '.' || CASE "type" WHEN 'jpeg' THEN 'jpg' ELSE "type" END;--> statement-breakpoint
ALTER TABLE "exports" ALTER COLUMN "request" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "exports" ALTER COLUMN "name" SET NOT NULL;
