CREATE TABLE "styles" (
	"id" text PRIMARY KEY NOT NULL,
	"workspace_id" text NOT NULL,
	"name" text NOT NULL,
	"revision" integer NOT NULL,
	"side" real NOT NULL,
	"finish" jsonb NOT NULL,
	"developing" jsonb,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "styles" ADD CONSTRAINT "styles_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "styles_by_workspace" ON "styles" USING btree ("workspace_id");