CREATE TABLE "blobs" (
	"workspace_id" text NOT NULL,
	"sha256" text NOT NULL,
	"type" text NOT NULL,
	"bytes" "bytea" NOT NULL,
	CONSTRAINT "blobs_workspace_id_sha256_pk" PRIMARY KEY("workspace_id","sha256")
);
--> statement-breakpoint
CREATE TABLE "exports" (
	"workspace_id" text NOT NULL,
	"id" text NOT NULL,
	"project_id" text NOT NULL,
	"sheet_id" text NOT NULL,
	"scale" real NOT NULL,
	"type" text NOT NULL,
	"quality" integer NOT NULL,
	"document" jsonb NOT NULL,
	"state" text NOT NULL,
	"progress" real NOT NULL,
	"message" text,
	"bytes" "bytea",
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "exports_workspace_id_id_pk" PRIMARY KEY("workspace_id","id")
);
--> statement-breakpoint
CREATE TABLE "photos" (
	"workspace_id" text NOT NULL,
	"id" text NOT NULL,
	"sha256" text NOT NULL,
	"name" text NOT NULL,
	"width" integer NOT NULL,
	"height" integer NOT NULL,
	"opaque" boolean NOT NULL,
	"original_blob" text NOT NULL,
	"master_blob" text NOT NULL,
	"screen_blob" text NOT NULL,
	"screen_level" integer NOT NULL,
	"thumbnail_blob" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "photos_workspace_id_id_pk" PRIMARY KEY("workspace_id","id")
);
--> statement-breakpoint
CREATE TABLE "projects" (
	"workspace_id" text NOT NULL,
	"id" text NOT NULL,
	"document" jsonb NOT NULL,
	"revision" integer NOT NULL,
	"thumbnail" "bytea",
	"thumbnail_revision" integer,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "projects_workspace_id_id_pk" PRIMARY KEY("workspace_id","id")
);
--> statement-breakpoint
CREATE TABLE "workspaces" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "blobs" ADD CONSTRAINT "blobs_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "exports" ADD CONSTRAINT "exports_workspace_id_project_id_projects_workspace_id_id_fk" FOREIGN KEY ("workspace_id","project_id") REFERENCES "public"."projects"("workspace_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photos" ADD CONSTRAINT "photos_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "projects" ADD CONSTRAINT "projects_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "projects_by_time" ON "projects" USING btree ("workspace_id","updated_at");