DROP INDEX "projects_by_time";--> statement-breakpoint
ALTER TABLE "blobs" ADD COLUMN "size" bigint GENERATED ALWAYS AS (octet_length(bytes)) STORED;--> statement-breakpoint
ALTER TABLE "blobs" ADD COLUMN "unowned_since" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "exports" ADD COLUMN "attempt" text;--> statement-breakpoint
ALTER TABLE "exports" ADD COLUMN "attempts" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "exports" ADD COLUMN "heard_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "projects" ADD COLUMN "last_save" text;--> statement-breakpoint
ALTER TABLE "projects" ADD COLUMN "name" text GENERATED ALWAYS AS (document->>'name') STORED;--> statement-breakpoint
ALTER TABLE "projects" ADD COLUMN "sheets" integer GENERATED ALWAYS AS (jsonb_array_length(document->'sheets')) STORED;--> statement-breakpoint
ALTER TABLE "projects" ADD COLUMN "unit" text GENERATED ALWAYS AS (document->>'unit') STORED;--> statement-breakpoint
ALTER TABLE "projects" ADD COLUMN "width" double precision GENERATED ALWAYS AS ((document#>>'{sheets,0,width}')::float8) STORED;--> statement-breakpoint
ALTER TABLE "projects" ADD COLUMN "height" double precision GENERATED ALWAYS AS ((document#>>'{sheets,0,height}')::float8) STORED;--> statement-breakpoint
ALTER TABLE "projects" ADD COLUMN "dpi" double precision GENERATED ALWAYS AS ((document#>>'{sheets,0,dpi}')::float8) STORED;--> statement-breakpoint
ALTER TABLE "projects" ADD COLUMN "removed_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "templates" ADD COLUMN "sheets" integer GENERATED ALWAYS AS (jsonb_array_length(document->'sheets')) STORED;--> statement-breakpoint
ALTER TABLE "templates" ADD COLUMN "unit" text GENERATED ALWAYS AS (document->>'unit') STORED;--> statement-breakpoint
ALTER TABLE "templates" ADD COLUMN "width" double precision GENERATED ALWAYS AS ((document#>>'{sheets,0,width}')::float8) STORED;--> statement-breakpoint
ALTER TABLE "templates" ADD COLUMN "height" double precision GENERATED ALWAYS AS ((document#>>'{sheets,0,height}')::float8) STORED;--> statement-breakpoint
ALTER TABLE "templates" ADD COLUMN "dpi" double precision GENERATED ALWAYS AS ((document#>>'{sheets,0,dpi}')::float8) STORED;--> statement-breakpoint
CREATE INDEX "photos_by_time" ON "photos" USING btree ("workspace_id","created_at","id");--> statement-breakpoint
CREATE INDEX "projects_by_time" ON "projects" USING btree ("workspace_id","updated_at","id");