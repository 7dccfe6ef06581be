CREATE TABLE "cutouts" (
	"workspace_id" text NOT NULL,
	"photo_id" text NOT NULL,
	"id" text NOT NULL,
	"revision" integer NOT NULL,
	"name" text NOT NULL,
	"matte_sha256" text NOT NULL,
	"marks" jsonb NOT NULL,
	"edge" jsonb,
	"pieces" jsonb,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "cutouts_workspace_id_photo_id_id_revision_pk" PRIMARY KEY("workspace_id","photo_id","id","revision")
);
--> statement-breakpoint
CREATE TABLE "mattes" (
	"workspace_id" text NOT NULL,
	"photo_id" text NOT NULL,
	"sha256" text NOT NULL,
	"screen_blob" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "mattes_workspace_id_photo_id_sha256_pk" PRIMARY KEY("workspace_id","photo_id","sha256")
);
--> statement-breakpoint
ALTER TABLE "cutouts" ADD CONSTRAINT "cutouts_workspace_id_photo_id_matte_sha256_mattes_workspace_id_photo_id_sha256_fk" FOREIGN KEY ("workspace_id","photo_id","matte_sha256") REFERENCES "public"."mattes"("workspace_id","photo_id","sha256") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "mattes" ADD CONSTRAINT "mattes_workspace_id_photo_id_photos_workspace_id_id_fk" FOREIGN KEY ("workspace_id","photo_id") REFERENCES "public"."photos"("workspace_id","id") ON DELETE cascade ON UPDATE no action;