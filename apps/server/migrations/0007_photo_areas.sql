CREATE TABLE "photo_areas" (
	"workspace_id" text NOT NULL,
	"photo_id" text NOT NULL,
	"id" text NOT NULL,
	"name" text NOT NULL,
	"form" jsonb NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"removed_at" timestamp with time zone,
	CONSTRAINT "photo_areas_workspace_id_photo_id_id_pk" PRIMARY KEY("workspace_id","photo_id","id")
);
--> statement-breakpoint
ALTER TABLE "photo_areas" ADD CONSTRAINT "photo_areas_workspace_id_photo_id_photos_workspace_id_id_fk" FOREIGN KEY ("workspace_id","photo_id") REFERENCES "public"."photos"("workspace_id","id") ON DELETE cascade ON UPDATE no action;