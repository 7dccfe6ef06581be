ALTER TABLE "exports" DROP COLUMN "sheet_id";--> statement-breakpoint
ALTER TABLE "exports" DROP COLUMN "scale";--> statement-breakpoint
ALTER TABLE "exports" DROP COLUMN "type";--> statement-breakpoint
ALTER TABLE "exports" DROP COLUMN "quality";