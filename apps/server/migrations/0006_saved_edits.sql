CREATE TABLE "saved_edits" (
	"workspace_id" text NOT NULL,
	"project_id" text NOT NULL,
	"revision" integer NOT NULL,
	"version" integer NOT NULL,
	"save_id" text,
	"edits" jsonb NOT NULL,
	"saved_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "saved_edits_workspace_id_project_id_revision_pk" PRIMARY KEY("workspace_id","project_id","revision")
);
--> statement-breakpoint
ALTER TABLE "saved_edits" ADD CONSTRAINT "saved_edits_workspace_id_project_id_projects_workspace_id_id_fk" FOREIGN KEY ("workspace_id","project_id") REFERENCES "public"."projects"("workspace_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "saved_edits_by_time" ON "saved_edits" USING btree ("saved_at");--> statement-breakpoint
ALTER TABLE "projects" DROP COLUMN "last_save";